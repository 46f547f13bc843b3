<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Sump\FurtherTank;

/** The drain of every further tank carries its flow, and the tank falls at least by the water over its overflow. */
final class FurtherTanksDrain implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->path?->furtherTanks() ?? [] as $line) {
            $flow = $line->litresPerHour;
            $tank = array_values(array_filter(
                $here->further,
                static fn (FurtherTank $one): bool => $one->line === $line->id,
            ))[0] ?? null;
            $carries = $tank?->drain->carries($here->assumptions, $here->viscosity);
            if ($flow === null || $tank === null) {
                continue;
            }
            if ($carries !== null && $carries < 0.99 * $flow) {
                yield Finding::of(
                    Severity::Fault,
                    'tank-drain-small',
                    Text::of('The drain of {tank} cannot carry its flow', tank: $line->title()),
                    Text::of(
                        'Running full it carries {carries}; {flow} go through the tank.',
                        carries: Quantity::perHour($carries),
                        flow: Quantity::perHour($flow),
                    ),
                )
                    ->at("#tank:{$line->id}")
                    ->because('The tank fills until it runs over.', 'Take a wider pipe, or send it less water.');
            }
            $head = $tank->overflow?->headMm($flow);
            if ($head !== null && $tank->fallMm !== null && $head > $tank->fallMm + 0.5) {
                yield Finding::of(
                    Severity::Caution,
                    'tank-fall-below-head',
                    Text::of('{tank} falls further than you say', tank: $line->title()),
                    Text::of(
                        'While running it stands {head} over the edge of its overflow; when the pump stops at least '
                            .'that runs down. You say {fall}.',
                        head: Quantity::mm($head),
                        fall: Quantity::mm($tank->fallMm),
                    ),
                )->at("#tank:{$line->id}")->because(
                    'Water over the edge runs off whatever the return outlets do.',
                    Text::of('Enter a fall of {head} or more.', head: Quantity::mm(ceil($head))),
                );
            }
        }
    }
}
