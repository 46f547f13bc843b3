<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Severity;

/** The range on the box, brought down to the media that fits and the flow there is. */
final class MakersClaim implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->path->items() as $item) {
            $claim = $item->figure(Figure::ClaimHigh);
            if ($claim === null || $item->kind === Kind::Skimmer) {
                continue;
            }
            $byMedia = self::litresByMedia($item, $here);
            $byFlow
                = $here->litresPerHour === null ? null : $here->litresPerHour / $here->tank->school->lowest()->value;
            $limits = array_filter([$byMedia, $byFlow], static fn (?float $litres): bool => $litres !== null);
            if ($limits === []) {
                continue;
            }
            $real = min([$claim, ...$limits]);
            $arithmetic = implode(
                '; ',
                array_filter([
                    $byMedia === null
                        ? null
                        : sprintf(
                            'the media suits %s (%s g at %s g a litre)',
                            $here->volume($byMedia),
                            number_format($byMedia * Assumptions::gravelPerLitre()->value),
                            number_format(Assumptions::gravelPerLitre()->value, 1),
                        ),
                    $byFlow === null
                        ? null
                        : sprintf(
                            'the flow suits %s (%s at %s volumes an hour)',
                            $here->volume($byFlow),
                            $here->flow((float) $here->litresPerHour),
                            number_format($here->tank->school->lowest()->value),
                        ),
                ]),
            );
            $low = $item->figure(Figure::ClaimLow);
            $range = $low === null ? 'to '.$here->volume($claim) : $here->volume($low).' to '.$here->volume($claim);
            if ($real < $here->workingLitres) {
                yield Finding::of(
                    Severity::Caution,
                    'claim-too-high',
                    'The range on the box does not hold here',
                    sprintf(
                        'The maker says %s for %s; %s. So it suits %s, and this water is %s.',
                        $range,
                        $item->title(),
                        $arithmetic,
                        $here->volume($real),
                        $here->volume($here->workingLitres),
                    ),
                    Assumptions::gravelPerLitre(),
                )
                    ->at($item->id)
                    ->because(
                        'A range on a box counts the tank, not the load: what works is the media that fits and the '
                            .'water that passes it.',
                        'Add biological media elsewhere (rock counts too), raise the flow, or take the larger model.',
                    );
            } elseif ($real < $claim) {
                yield Finding::of(
                    Severity::Remark,
                    'claim-derated',
                    'The range on the box, brought down',
                    sprintf(
                        'The maker says %s for %s; %s. So it suits %s, enough for the %s here.',
                        $range,
                        $item->title(),
                        $arithmetic,
                        $here->volume($real),
                        $here->volume($here->workingLitres),
                    ),
                    Assumptions::gravelPerLitre(),
                )
                    ->at($item->id)
                    ->because('A range on a box counts the tank, not the load.');
            }
        }
    }

    /** For a motor or vessel sold as one filter, all biological media on the path; for media, its own. */
    private static function litresByMedia(Item $item, Situation $here): ?float
    {
        $grams = null;
        foreach ($item->kind === Kind::Biological ? [$item] : $here->path->itemsOf(Kind::Biological) as $media) {
            $amount = $media->figure(Figure::Grams);
            $grams = $amount === null ? $grams : ($grams ?? 0.0) + $amount;
        }

        return $grams === null ? null : $grams / Assumptions::gravelPerLitre()->value;
    }
}
