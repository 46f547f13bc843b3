<?php

declare(strict_types=1);

use Ithys\Journal\Reading\Basis;
use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Unit;

// Source: IUPAC standard atomic weights 2013, conventional values (Meija et al. 2016, Pure Appl. Chem. 88, 265-291).
it('turns nitrogen and phosphorus into their ions by the IUPAC 2013 weights', function (): void {
    expect(1 / Parameter::Nitrate->ionPerElement())->toAgreeWith(0.22590478033675246, 1e-14)
        ->and(Parameter::Nitrate->ionPerElement())->toAgreeWith(4.42664, 2e-6)
        ->and(Parameter::Phosphate->ionPerElement())->toAgreeWith(94.969761998 / 30.973761998, 1e-14)
        ->and(Parameter::Phosphate->ionPerElement())->toAgreeWith(3.06614, 2e-6);
});

// Source: the same weights; 1 mg/L PO4 is 326.1434097165821 µg/L P.
it('reads an instrument that shows ppb of phosphorus', function (): void {
    $ppb = Quantity::of(326.1434097165821, Unit::PartPerBillion)->base;
    expect(Basis::Element->toIon($ppb, Parameter::Phosphate))->toAgreeWith(1.0, 1e-14);
});
