<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Path\Kind;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** A heater stays under water in every state. */
final class HeaterCover implements Rule
{
    /** mm by which figures on a screen are rounded. */
    private const ROUNDING = 0.05;

    /** How grave the cover of a heater is against what it wants, mm: on the path as in the drawn sump. */
    public static function severity(float $cover, float $wanted): Severity
    {
        return $cover < $wanted - self::ROUNDING ? Severity::Fault : Severity::Good;
    }

    public function judge(Situation $here): iterable
    {
        $wanted = $here->assumptions->of(Assumed::HeaterCover);
        foreach ($here->path->itemsOf(Kind::Heater) as $heater) {
            $cover = $here->drawn->cover($heater);
            if ($cover !== null && ! self::severity($cover, $wanted->value)->isGrave()) {
                continue;
            }
            yield Finding::of(
                $cover === null ? Severity::Caution : self::severity($cover, $wanted->value),
                'heater-uncovered',
                $cover === null ? 'Heater cover not known' : 'Heater without cover',
                $cover === null
                    ? Text::of(
                        'It is not said how far the water stands over the minimum line of {heater} when the return '
                            .'chamber has been pumped empty.',
                        heater: $heater->title(),
                    )
                    : Text::of(
                        'With the return emptied, the water stands {cover} {side} the minimum line of {heater}; '
                            .'about {wanted} over it is wanted.',
                        cover: Quantity::mm(abs($cover)),
                        side: $cover < 0.0 ? 'under' : 'over',
                        heater: $heater->title(),
                        wanted: Quantity::mm($wanted->value),
                    ),
                $wanted,
            )
                ->at($heater->id)
                ->because(
                    'A heater that runs dry cracks and can burn. Only the return chamber falls with evaporation; '
                        .'behind a baffle the water stays. Electricity near salt water: drip loop, residual-current '
                        .'protection, local code.',
                    isset($here->drawn->coverMm[$heater->id])
                        ? 'Move it in the drawn sump, behind a baffle that keeps its water.'
                        : Text::of(
                            'Stand it behind the last baffle, its minimum line about {wanted} under the baffle’s top, '
                                .'and enter the water that stays over the line.',
                            wanted: Quantity::mm($wanted->value),
                        ),
                );
        }
    }
}
