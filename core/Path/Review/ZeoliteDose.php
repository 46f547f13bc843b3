<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Media\Medium;
use Ithys\Path\Figure;
use Ithys\Severity;

/** Zeolite in a fast path is dosed by part. */
final class ZeoliteDose implements Rule
{
    /** The share of the full dose at a flow, L/h: 1 up to the flow zeolite is made for, then falling with it. */
    public static function share(float $litresPerHour, float $limit): float
    {
        return min(1.0, $limit / $litresPerHour);
    }

    public function judge(Situation $here): iterable
    {
        $usual = Assumptions::zeoliteFlow();
        foreach ($here->path->items() as $item) {
            $flow = $item->holds(Medium::Zeolite) ? $here->course->flowEach($item) : null;
            $limit = $item->figure(Figure::FlowLimit) ?? $usual->value;
            if ($flow === null || $flow <= $limit) {
                continue;
            }
            $share = self::share($flow, $limit);
            $grams = $item->figure(Figure::Grams);
            yield Finding::of(
                Severity::Caution,
                'zeolite-fast',
                'Zeolite in a fast path',
                sprintf(
                    '%s gets %s; zeolite is made for %s. Dose %s of the full amount%s.',
                    $item->title(),
                    $here->flow($flow),
                    $here->flow($limit),
                    number_format($share, 2),
                    $grams === null
                        ? ''
                        : sprintf(
                            ', so the %s g here work like %s g would at that flow',
                            number_format($grams),
                            number_format($grams / $share),
                        ),
                ),
                $usual,
            )
                ->at($item->id)
                ->because(
                    sprintf(
                        'It strips faster the more water passes: %s / %s = %s. Keepers in fast paths dose a quarter '
                            .'to a half.',
                        number_format($limit),
                        number_format($flow),
                        number_format($share, 2),
                    ),
                    'Cut the dose by this share, or feed the zeolite from a branch of its own. Reef grade only, never '
                        .'industrial or cat litter.',
                );
        }
    }
}
