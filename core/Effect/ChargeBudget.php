<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Assumption\Assumption;
use Ithys\Dosing\PhosphateMedium;
use Ithys\Finding;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

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
            $question->parameter !== Parameter::Phosphate
            || ! ($charge instanceof MediaCharge)
            || $charge->grams === null
        ) {
            return null;
        }
        $medium = PhosphateMedium::of($charge->medium, $question->assumptions);

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
        $taken = max(0.0, $takenOut);
        $isMore = $taken > $this->canHold;

        return Finding::of(
            $isMore ? Severity::Caution : Severity::Remark,
            $isMore ? 'more-than-it-holds' : 'charge-budget',
            $isMore ? 'More than the charge can hold' : 'What was expected',
            Text::of(
                'At {level} this charge can hold about {holds} mg of phosphate, {share} of this tank. The difference '
                    .'adds up to {taken} mg so far{else}.',
                level: Quantity::ppm($mgPerLitre, 2),
                holds: Quantity::number($this->canHold, 0),
                share: Quantity::ppm($this->canHold / $litres, 2),
                taken: Quantity::number($taken, 0),
                else: $isMore ? ', so something else helped' : '',
            ),
            $this->basis,
        );
    }
}
