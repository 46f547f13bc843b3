<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Assumption\Assumption;
use Ithys\Finding;
use Ithys\Journal\MediaCharge;
use Ithys\Media\PhosphateMedium;
use Ithys\Severity;
use Ithys\Water\Nutrient;

/** What a phosphate charge can hold at the level it was put to, beside what the readings say it took out. */
final readonly class ChargeBudget
{
    private function __construct(
        /** mg of PO4 in balance with the level before the change. */
        public float $canHold,
        public Assumption $basis,
    ) {
    }

    /** Null where the change is no weighed charge of a phosphate medium, or phosphate is not what is asked about. */
    public static function of(Question $question, float $mgPerLitre): ?self
    {
        $charge = $question->change->payload;
        if (
            $question->nutrient !== Nutrient::Phosphate
            || ! ($charge instanceof MediaCharge)
            || $charge->grams === null
        ) {
            return null;
        }
        $medium = PhosphateMedium::of($charge->medium);

        return $medium === null
            ? null
            : new self($charge->grams * $medium->isotherm->loading($mgPerLitre), $medium->most);
    }

    /**
     * @param  float  $takenOut  mg the difference adds up to so far
     * @param  float  $litres  working volume
     */
    public function finding(float $takenOut, float $mgPerLitre, float $litres): Finding
    {
        $hold = sprintf('At %s ppm this charge can hold about %s mg of phosphate, %s ppm of this tank.',
            number_format($mgPerLitre, 2), number_format($this->canHold), number_format($this->canHold / $litres, 2));
        $taken = max(0.0, $takenOut);

        return $taken > $this->canHold
            ? Finding::of(
                Severity::Caution,
                'more-than-it-holds',
                'More than the charge can hold',
                $hold.' The difference adds up to '.number_format($taken).' mg so far, so something else helped.',
                $this->basis,
            )
            : Finding::of(
                Severity::Remark,
                'charge-budget',
                'What was expected',
                $hold.' The difference adds up to '.number_format($taken).' mg so far.',
                $this->basis,
            );
    }
}
