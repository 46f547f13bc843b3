<?php

declare(strict_types=1);

namespace Ithys\Journal\Incident;

use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;

/** "power cut 3 h", "leak because of a torn hose", "heater failure". */
final class IncidentRule implements Rule
{
    private const WHAT = [
        'power cut' => 'power cut', 'power outage' => 'power cut', 'power failure' => 'power cut',
        'blackout' => 'power cut',
        'outage' => 'power cut', 'leak' => 'leak', 'leaked' => 'leak', 'flood' => 'flood', 'flooded' => 'flood',
        'skimmer cup overflowed' => 'overflow', 'skimmer overflowed' => 'overflow', 'cup overflowed' => 'overflow',
        'siphon lost' => 'siphon lost', 'lost siphon' => 'siphon lost', 'siphon broke' => 'siphon lost',
        'clogged overflow' => 'clog', 'overflow clogged' => 'clog', 'drain clogged' => 'clog', 'clog' => 'clog',
        'pump gulping' => 'pump gulping air', 'pump gulping air' => 'pump gulping air',
        'overflow' => 'overflow', 'overflowed' => 'overflow', 'spill' => 'spill', 'spilled' => 'spill',
        'heater failure' => 'heater failure', 'heater failed' => 'heater failure', 'heater stuck' => 'heater failure',
        'pump failure' => 'pump failure', 'pump failed' => 'pump failure', 'overdose' => 'overdose',
        'overdosed' => 'overdose', 'bacterial bloom' => 'bloom', 'bloom' => 'bloom', 'crash' => 'crash',
    ];

    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        $what = null;
        $known = self::WHAT;
        // The longer wording first, so that no word of it is left over.
        uksort($known, static fn (string $a, string $b): int => substr_count($b, ' ') <=> substr_count($a, ' '));
        foreach ($known as $words => $meant) {
            if ($tokens->takePhrase(explode(' ', $words))) {
                $what = $meant;
                break;
            }
        }
        if ($what === null) {
            return false;
        }
        $tokens->take('for', 'of');
        $hours = $tokens->hours();
        $cause = null;
        if ($tokens->take('because', 'due', 'cause', 'caused', 'from')) {
            $tokens->take('of', 'to', 'by');
            $cause = $tokens->rest();
        }
        $draft->add(Incident::of($what, $hours, $cause), $start);

        return true;
    }

    public function words(): array
    {
        return ['power cut', 'leak', 'flood', 'overflow', 'overdose'];
    }
}
