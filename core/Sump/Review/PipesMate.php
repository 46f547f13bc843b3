<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Path\Choice;
use Ithys\Path\Kind;
use Ithys\Path\Review\MixedFittings;
use Ithys\Quantity\Text;
use Ithys\Sump\PipeSystem;

/** Metric and inch parts do not meet. */
final class PipesMate extends PinnedRule
{
    /** The items of the path that say of what fittings a part is, where the plumbing does not. */
    private const ITEMS = [
        'pump' => [Kind::ReturnPump],
        'bulkhead' => [Kind::OverflowDrilled, Kind::OverflowRim],
        'drain' => [Kind::Drain],
    ];

    protected function pin(): string
    {
        return '#joints';
    }

    protected function findings(Situation $here): iterable
    {
        foreach (PipeSystem::PARTS as $part => [$label, $joined]) {
            foreach ($joined as $other) {
                [$mine, $theirs] = [$this->system($here, $part), $this->system($here, $other)];
                if ($mine !== null && $theirs !== null && $mine !== $theirs) {
                    yield MixedFittings::finding(
                        'pipes-mixed',
                        Text::of(
                            '{other}: {theirs}. {part}: {mine}.',
                            other: PipeSystem::PARTS[$other][0],
                            theirs: $theirs->value,
                            part: $label,
                            mine: $mine->value,
                        ),
                    );
                }
            }
        }
    }

    private function system(Situation $here, string $part): ?PipeSystem
    {
        $item = isset(self::ITEMS[$part]) ? $here->path?->itemsOf(...self::ITEMS[$part])[0] ?? null : null;

        return $here->plumbing->systems[$part] ?? PipeSystem::tryFrom($item?->choice(Choice::Fitting) ?? '');
    }
}
