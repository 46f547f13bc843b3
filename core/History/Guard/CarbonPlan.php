<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\Reading\Parameter;
use Ithys\Media\Ramp;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Organic carbon of one source in a tank: a full dose, what is given, and a slow start from there. */
final readonly class CarbonPlan
{
    public const PELLETS = 'Solid pellets in a reactor give carbon by the water that goes through: nobody can say how '
        .'many mg a day. The model leaves them out. Throttle the flow, lead it into the skimmer, and log them as an '
        .'other medium.';

    public const RULE = 'the water clouds, slime grows, fish gasp, or nitrate or phosphate is at zero. Then step down '
        .'to half, move the surface, and read again. This is organic carbon, a dose; activated carbon is a medium.';

    /** mL a day. */
    public float $full;

    /** mL a day of this source that hold as much carbon as what is given of all. */
    public float $given;

    public Ramp $ramp;

    public function __construct(private DoseContext $here, private CarbonSource $source)
    {
        $each = OrganicCarbon::perMillilitre($source, $here->assumptions);
        $this->full = $here->fullCarbon() / $each;
        $this->given = $here->givenCarbon() / $each;
        $this->ramp = Ramp::to($this->full, $this->given);
    }

    /** Null where none is given. */
    public function running(): ?Text
    {
        return $this->given <= 0.0 ? null : Text::of(
            $this->given >= $this->full
                ? 'You already dose about {given} of {source} a day, as much as a full dose of {full}. The ramp does '
                    .'not raise it.'
                : 'You already dose about {given} of {source} a day. The ramp continues from there.',
            given: Quantity::millilitres(Quantity::significant($this->given, 2)),
            source: $this->source->label(),
            full: Quantity::millilitres(Quantity::significant($this->full, 2)),
        );
    }

    /**
     * Where it would lead below what is wanted; null where it does not, or where that cannot be foreseen.
     *
     * @param  array<string, float>  $ends  ppm at the end, by parameter
     */
    public function below(array $ends): ?Text
    {
        foreach ($ends as $key => $end) {
            $least = $this->here->targets[$key][0] ?? null;
            if ($least !== null && $end < $least) {
                return Text::of(
                    'The ramp leads {nutrient} to about {then}, below your target of {least}.',
                    nutrient: Parameter::from($key)->label(),
                    then: Quantity::ppm(Quantity::significant($end, 2)),
                    least: Quantity::ppm($least),
                );
            }
        }

        return null;
    }
}
