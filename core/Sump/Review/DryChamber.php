<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** No chamber but that of the return falls dry. */
final class DryChamber implements Rule
{
    public function judge(Situation $here): iterable
    {
        $least = $here->assumptions->of(Assumed::DryChamber);
        $return = $here->section->returnChamber()->index;
        foreach ($here->section->chambers() as $chamber) {
            // The return chamber is meant to be emptied; how long that takes is said elsewhere.
            $states = ['While running' => $here->running];
            if ($chamber->index !== $return) {
                $states['With the return emptied'] = $here->emptied;
            }
            foreach ($states as $state => $lines) {
                $level = $lines->levelsMm[$chamber->index];
                if ($level < $least->value && $chamber->lengthMm() > 0.0) {
                    yield Finding::of(
                        Severity::Caution,
                        'chamber-dry',
                        Text::of('Chamber {chamber} runs dry', chamber: $chamber->number()),
                        Text::of('{state} {level} of water stand in it.', state: $state, level: Quantity::mm($level)),
                        $least,
                    )
                        ->at($here->section->inside->baffles[$chamber->index]->id ?? null)
                        ->because(
                            'What lives or works in it falls dry.',
                            'Close it off with a baffle that stands on the floor, or let the pump stop earlier.',
                        );
                    break;
                }
            }
        }
    }
}
