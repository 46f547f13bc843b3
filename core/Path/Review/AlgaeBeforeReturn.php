<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Kind;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** Macroalgae never straight before the return pump. */
final class AlgaeBeforeReturn implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->path->items() as $item) {
            if (! $item->kind->isAlgae()) {
                continue;
            }
            foreach ($here->course->after($item) as $next) {
                if ($next->kind === Kind::ReturnPump) {
                    yield Finding::of(Severity::Caution, 'algae-at-return', 'Algae straight before the return pump',
                        Text::of('Torn strands from {item} reach the pump.', item: $item->title()))
                        ->at($item->id)
                        ->because(
                            'They jam the impeller and seed the display.',
                            'Set a comb, a catch tray or a sponge between them.',
                        );
                }
                if (! $next->kind->isService()) {
                    break;
                }
            }
        }
    }
}
