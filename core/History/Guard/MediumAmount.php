<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\Dosing\DoseMethods;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Payload;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** A medium against what is usual for so much water. */
final class MediumAmount implements GuardRule
{
    /** Times the usual amount from which it is asked about, and refused: our estimates. */
    private const ASKED = 3.0;

    private const REFUSED = 10.0;

    public function doubts(Payload $dose, DoseContext $here): array
    {
        if (! $dose instanceof MediaCharge) {
            return [];
        }
        $usual = (new DoseMethods($here->assumptions))->byVolume($dose->medium, $here->litres(), null)->grams;
        $grams = $here->grams($dose);
        if ($usual === null || $usual <= 0.0 || $grams <= self::ASKED * $usual) {
            return [];
        }
        $sentence = Text::of(
            '{grams} of {medium} is {times} times the usual {usual} for {litres}.',
            grams: Quantity::grams($grams),
            medium: $dose->medium->label(),
            times: Quantity::number($grams / $usual, 0),
            usual: Quantity::grams($usual),
            litres: Quantity::litres($here->litres()),
        );

        return [$grams > self::REFUSED * $usual
            ? Doubt::refuse('medium-amount', $sentence)
            : Doubt::ask('medium-amount', $sentence)];
    }
}
