<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Remedy;
use Ithys\Severity;
use Ithys\Sump\Baffle;

/** The water goes under a baffle slowly enough to leave its bubbles behind, and the gap is under water. */
final class UnderGaps implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->section->inside->baffles as $i => $baffle) {
            if (! $baffle->hangs()) {
                continue;
            }
            [$before, $behind] = [$here->running->levelsMm[$i], $here->running->levelsMm[$i + 1]];
            if (max($before, $behind) <= $baffle->gapMm) {
                yield Finding::of(
                    Severity::Caution,
                    'gap-above-water',
                    'This baffle hangs above the water',
                    Text::of(
                        'Its lower edge is at {gap}; the water stands at {level}.',
                        gap: Quantity::mm($baffle->gapMm),
                        level: Quantity::mm($before),
                    ),
                )
                    ->at($baffle->id)
                    ->because(
                        'It holds neither bubbles nor what floats back.',
                        'Lower it until its edge is well under the water.',
                    )
                    ->mendedBy(...$this->lower($here, $baffle, max($before, $behind)));
            } elseif ($here->litresPerHour > 0.0) {
                yield $this->speed($here, $baffle);
                yield from $this->loss($here, $baffle, $before, $before - $behind);
            }
        }
    }

    /** @return list<Remedy> its edge so far under the water that bubbles do not slip by */
    private function lower(Situation $here, Baffle $baffle, float $levelMm): array
    {
        $gap = min($here->assumptions->value(Assumed::ProposedGap), floor($levelMm / 2));

        return $gap < 1.0
            ? []
            : [
                new Remedy(
                    Text::of('Hang it {gap} over the floor', gap: Quantity::mm($gap)),
                    $baffle->id,
                    'gapMm',
                    $gap,
                ),
            ];
    }

    private function speed(Situation $here, Baffle $baffle): Finding
    {
        $width = $here->section->vessel->widthMm;
        $speed = $baffle->gap($width, $here->assumptions)->speed($here->litresPerHour);
        $most = $here->assumptions->of(Assumed::BubbleSpeed);
        // Builders leave no less than a usual gap, which also clogs less.
        $gap = max(
            ceil($here->litresPerHour / 3.6 / $most->value / $width),
            $here->assumptions->value(Assumed::ProposedGap),
        );
        $shown = Quantity::base($speed, Dimension::Speed, 2);

        return $speed > $most->value
            ? Finding::of(
                Severity::Caution,
                'bubbles-under',
                'Bubbles go under',
                Text::of(
                    'The water goes under this baffle at {speed}; above {most} it carries bubbles along.',
                    speed: $shown,
                    most: $most->quantity(),
                ),
                $most,
            )
                ->at($baffle->id)
                ->because(
                    'Small bubbles rise more slowly than that.',
                    Text::of(
                        'A gap of {gap} would slow it down enough.',
                        gap: Quantity::mm($gap),
                    ),
                )
                ->mendedBy(new Remedy(
                    Text::of('Open the gap to {gap}', gap: Quantity::mm($gap)),
                    $baffle->id,
                    'gapMm',
                    $gap,
                ))
            : Finding::of(
                Severity::Good,
                'gap-fits',
                'The gap is wide enough',
                Text::of('{speed} under this baffle.', speed: $shown),
                $most,
            )->at($baffle->id);
    }

    /** @return iterable<Finding> */
    private function loss(Situation $here, Baffle $baffle, float $beforeMm, float $lossMm): iterable
    {
        $most = $here->assumptions->of(Assumed::GapLoss);
        if ($lossMm > $most->value && $baffle->topMm > $beforeMm) {
            yield Finding::of(
                Severity::Caution,
                'gap-narrow',
                'The gap backs the water up',
                Text::of(
                    'The water stands {loss} higher before this baffle than behind it.',
                    loss: Quantity::mm($lossMm),
                ),
                $most,
            )
                ->at($baffle->id)
                ->because('A narrow gap also clogs sooner.', 'Widen the gap.');
        }
    }
}
