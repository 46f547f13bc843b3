<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Assumption\Assumed;
use Ithys\Dosing\DoseMethods;
use Ithys\Finding;
use Ithys\Media\Medium;
use Ithys\Path\Figure;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** Zeolite in a fast path is dosed by part. */
final class ZeoliteDose implements Rule
{
    public function judge(Situation $here): iterable
    {
        $usual = $here->assumptions->of(Assumed::ZeoliteFlow);
        foreach ($here->path->items() as $item) {
            $flow = $item->holds(Medium::Zeolite) ? $here->course->flowEach($item) : null;
            $limit = $item->figure(Figure::FlowLimit) ?? $usual->value;
            if ($flow === null || $flow <= $limit) {
                continue;
            }
            $share = DoseMethods::zeoliteShare($flow, $limit);
            $grams = $item->figure(Figure::Grams);
            yield Finding::of(
                Severity::Caution,
                'zeolite-fast',
                'Zeolite in a fast path',
                Text::of(
                    '{item} gets {flow}; zeolite is made for {limit}. Dose {share} of the full amount{same}.',
                    item: $item->title(),
                    flow: Quantity::perHour($flow),
                    limit: Quantity::perHour($limit),
                    share: Quantity::number($share, 2),
                    same: $grams === null
                        ? ''
                        : Text::of(
                            ', so the {grams} here work like {like} would at that flow',
                            grams: Quantity::grams($grams),
                            like: Quantity::grams($grams / $share),
                        ),
                ),
                $usual,
            )
                ->at($item->id)
                ->because(
                    Text::of(
                        'It strips faster the more water passes: {limit} / {flow} = {share}. Keepers in fast paths '
                            .'dose a quarter to a half.',
                        limit: Quantity::perHour($limit),
                        flow: Quantity::perHour($flow),
                        share: Quantity::number($share, 2),
                    ),
                    'Cut the dose by this share, or feed the zeolite from a branch of its own. Reef grade only, never '
                        .'industrial or cat litter.',
                );
        }
    }
}
