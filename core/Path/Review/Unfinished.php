<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Kind;
use Ithys\Path\Line;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** What a draft still lacks before water could run through it. */
final class Unfinished implements Rule
{
    public function judge(Situation $here): iterable
    {
        $main = $here->path->main()->items;
        if ($main === []) {
            yield Finding::of(
                Severity::Remark,
                'empty',
                'Nothing on the path yet',
                'Pick the first stage from the catalogue: where the water leaves the tank.',
            );

            return;
        }
        if (! $main[0]->kind->isInlet()) {
            yield Finding::of(
                Severity::Caution,
                'no-inlet',
                'Where does the water leave the tank?',
                'The path begins without an overflow, weir or intake.',
            )
                ->at($main[0]->id)
                ->because(
                    'The way out decides whether the surface is skimmed and what a power cut drains.',
                    'Add an overflow, weir or intake as the first stage.',
                );
        }
        if (! $here->has(Kind::ReturnPump)) {
            yield Finding::of(
                Severity::Caution,
                'no-return',
                'Nothing brings the water back',
                'The path has no return pump; a canister or hang-on filter has its motor.',
            )
                ->at($main[count($main) - 1]->id)
                ->because('Nothing moves the water.', 'Add a return pump.');
        }
        foreach ($here->path->branches() as $line) {
            yield from $this->branch($here, $line);
        }
    }

    /** @return iterable<Finding> */
    private function branch(Situation $here, Line $line): iterable
    {
        $at = $line->items[0]->id ?? $line->from ?? $line->to;
        $lacks = array_filter([
            $line->items === [] ? 'has no items' : null,
            $line->from === null && ! $line->isTank ? 'takes its water from nowhere' : null,
            $line->to === null ? 'gives its water back nowhere' : null,
            $line->litresPerHour === null ? 'has no flow' : null,
            $line->isTank && $line->tankLitres === null ? 'has no volume' : null,
        ]);
        if ($lacks !== []) {
            yield Finding::of(
                Severity::Caution,
                'branch-open',
                Text::of('{line} is unfinished', line: $line->title()),
                Text::of('{line} {lacks}.', line: $line->title(), lacks: implode(', ', $lacks)),
            )
                ->at($at)
                ->because(
                    'Without it the flow at its items cannot be worked out.',
                    'Give the branch its items, both ends and its flow.',
                );
        } elseif (! $line->isTank && ! $this->isDriven($here, $line)) {
            yield Finding::of(
                Severity::Caution,
                'branch-undriven',
                Text::of('Nothing drives {line}', line: $line->title()),
                Text::of('{line} has no pump of its own and does not come off a pump or drain.', line: $line->title()),
            )
                ->at($at)
                ->because(
                    'Water takes the easier way past a branch.',
                    'Add a feed pump to it, or take its water from the return pump (a manifold) or the drain.',
                );
        }
    }

    private function isDriven(Situation $here, Line $line): bool
    {
        foreach ($line->items as $item) {
            if (
                $item->kind->drives()
                || in_array($item->kind, [Kind::AlgaeReactor, Kind::Chiller, Kind::Skimmer], true)
            ) {
                return true;
            }
        }
        $source = $line->from === null ? null : $here->path->find($line->from);

        return $source !== null && ($source->kind->drives() || $source->kind->isInlet());
    }
}
