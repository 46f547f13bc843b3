<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
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
                = $here->litresPerHour === null
                    ? null
                    : $here->litresPerHour / $here->tank->school->lowest($here->assumptions)->value;
            $limits = array_filter([$byMedia, $byFlow], static fn (?float $litres): bool => $litres !== null);
            if ($limits === []) {
                continue;
            }
            $real = min([$claim, ...$limits]);
            $arithmetic = Text::join('; ',
                array_filter([
                    $byMedia === null
                        ? null
                        : Text::of(
                            'the media suits {byMedia} ({grams} at {dose})',
                            byMedia: Quantity::litres($byMedia),
                            grams: Quantity::grams($byMedia * $here->assumptions->value(Assumed::GravelPerLitre)),
                            dose: Quantity::base(
                                $here->assumptions->value(Assumed::GravelPerLitre),
                                Dimension::MassDose,
                            ),
                        ),
                    $byFlow === null
                        ? null
                        : Text::of(
                            'the flow suits {byFlow} ({litresPerHour} at {times} volumes an hour)',
                            byFlow: Quantity::litres($byFlow),
                            litresPerHour: Quantity::perHour((float) $here->litresPerHour),
                            times: Quantity::number($here->tank->school->lowest($here->assumptions)->value, 0),
                        ),
                ]),
            );
            $low = $item->figure(Figure::ClaimLow);
            $range = $low === null
                ? Text::of('to {claim}', claim: Quantity::litres($claim))
                : Text::of('{low} to {claim}', low: Quantity::litres($low), claim: Quantity::litres($claim));
            if ($real < $here->workingLitres) {
                yield Finding::of(
                    Severity::Caution,
                    'claim-too-high',
                    'The range on the box does not hold here',
                    Text::of(
                        'The maker says {range} for {item}; {arithmetic}. So it suits {real}, and this water is '
                            .'{working}.',
                        range: $range,
                        item: $item->title(),
                        arithmetic: $arithmetic,
                        real: Quantity::litres($real),
                        working: Quantity::litres($here->workingLitres),
                    ),
                    $here->assumptions->of(Assumed::GravelPerLitre),
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
                    Text::of(
                        'The maker says {range} for {item}; {arithmetic}. So it suits {real}, enough for the '
                            .'{working} here.',
                        range: $range,
                        item: $item->title(),
                        arithmetic: $arithmetic,
                        real: Quantity::litres($real),
                        working: Quantity::litres($here->workingLitres),
                    ),
                    $here->assumptions->of(Assumed::GravelPerLitre),
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

        return $grams === null ? null : $grams / $here->assumptions->value(Assumed::GravelPerLitre);
    }
}
