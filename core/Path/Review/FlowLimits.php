<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Choice;
use Ithys\Path\Figure;
use Ithys\Path\Kind;
use Ithys\Path\Sizing\UnitsByFlow;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** Each device that takes only so much, against the flow it really gets. */
final class FlowLimits implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->path->items() as $item) {
            $usual = $item->kind->usualLimit($item->choice(Choice::Hole), $here->assumptions);
            $limit = $item->figure(Figure::FlowLimit) ?? $usual?->value;
            $flow = $here->course->flowAt($item);
            if ($limit === null || $flow === null || $item->kind === Kind::Zeolite) {
                continue;
            }
            if ($flow < 0.0) {
                yield Finding::of(
                    Severity::Fault,
                    'flow-negative',
                    'Branches take more than there is',
                    Text::of('Before {item} the branches take more water than the line carries.', item: $item->title()),
                )
                    ->at($item->id)
                    ->because(
                        'The water would run backwards here.',
                        'Lower the flow of a branch, or join it elsewhere.',
                    );

                continue;
            }
            $each = $flow / $item->count();
            $units = UnitsByFlow::needed($flow, $limit);
            if ($units <= $item->count()) {
                continue;
            }
            $source = $item->figure(Figure::FlowLimit) === null ? $usual : null;
            yield $item->kind->drives()
                ? Finding::of(
                    Severity::Caution,
                    'pump-too-small',
                    'The pump cannot give this flow',
                    Text::of(
                        '{item} should give {flow}, branches included, but gives at most {most}.',
                        item: $item->title(),
                        flow: Quantity::perHour($flow),
                        most: Quantity::perHour($item->count() * $limit),
                    ),
                )
                    ->at($item->id)
                    ->because(
                        'A manifold takes its flow from the same pump, and height costs more of it.',
                        'Lower the flow of the path or its branches, or choose a stronger pump.',
                    )
                : Finding::of(
                    Severity::Caution,
                    'flow-over-limit',
                    'More flow than it takes',
                    Text::of(
                        '{item} gets {each}{apiece} and takes {limit}.',
                        item: $item->title(),
                        each: Quantity::perHour($each),
                        apiece: $item->count() > 1 ? ' each' : '',
                        limit: Quantity::perHour($limit),
                    ),
                    $source,
                )
                    ->at($item->id)
                    ->because(
                        'What does not fit through backs up, overflows or slips past.',
                        Text::of(
                            '{units} side by side would carry it ({flow} over {limit}), or feed it from a branch with '
                                .'less flow.',
                            units: $units,
                            flow: Quantity::perHour($flow),
                            limit: Quantity::perHour($limit),
                        ),
                    );
        }
    }
}
