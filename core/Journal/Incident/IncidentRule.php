<?php

declare(strict_types=1);

namespace Ithys\Journal\Incident;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Quantity\Dimension;

/** "power cut 3 h", "flood lost 12 l took 90 min because of a torn hose did new hose", "heater failure". */
final class IncidentRule implements Rule
{
    private const WHAT = [
        'power cut' => 'power cut', 'power outage' => 'power cut', 'power failure' => 'power cut',
        'blackout' => 'power cut',
        'outage' => 'power cut', 'leak' => 'leak', 'leaked' => 'leak', 'flood' => 'flood', 'flooded' => 'flood',
        'skimmer cup overflowed' => 'cup overflow', 'skimmer overflowed' => 'cup overflow',
        'cup overflowed' => 'cup overflow', 'cup overflow' => 'cup overflow',
        'lid leak' => 'lid leak', 'lid leaked' => 'lid leak', 'equipment left off' => 'equipment left off',
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
        $told = $tokens->position;
        $tokens->take('for', 'of');
        $hours = $tokens->hours();
        if ($tokens->peek()?->word === 'ago') {
            // It says when, not for how long.
            [$tokens->position, $hours] = [$told, null];
        }
        $litres = $minutes = $cause = $did = null;
        for ($at = -1; $at !== $tokens->position;) {
            $at = $tokens->position;
            if ($tokens->take('lost', 'spilled')) {
                $amount = $tokens->amount(Dimension::Volume) ?? throw InvalidEntry::noFigure("{$what} lost", '12 L');
                $litres = $amount->base($amount->unit ?? throw InvalidEntry::inWhat("lost {$amount->written}", ['L']));
            } elseif ($tokens->take('took')) {
                $minutes = 60 * ($tokens->hours() ?? throw InvalidEntry::noFigure("{$what} took", '90 min'));
            } elseif ($tokens->take('because', 'due', 'cause', 'caused', 'from')) {
                $tokens->take('of', 'to', 'by');
                $cause = $tokens->upTo('did') ?: null;
            } elseif ($tokens->take('did')) {
                $did = $tokens->upTo() ?: null;
            }
        }
        $draft->add(Incident::of($what, $hours, $cause, $did, $litres, $minutes), $start);

        return true;
    }

    /** @return list<string> what can go wrong, by name */
    public static function names(): array
    {
        return array_values(array_unique(self::WHAT));
    }

    public function words(): array
    {
        return ['power cut', 'leak', 'flood', 'overflow', 'overdose'];
    }
}
