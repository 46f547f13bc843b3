<?php

declare(strict_types=1);

namespace Ithys\Journal\Spell;

use Ithys\Journal\Equipment\EquipmentRule;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;

/** "skimmer off 3 h", "uv off for 2 days", "feeding pause", "return pump pause 10 min". */
final class SpellRule implements Rule
{
    private const HOURS_A_DAY = 24.0;

    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        $usual = $context->assumptions->value('pause-minutes') / 60;
        if ($tokens->takePair('feeding', 'pause') || $tokens->takePair('feed', 'pause')) {
            $draft->add(Spell::pause(Spell::SKIMMER, $this->hours($tokens) ?? $usual), $start);

            return true;
        }
        $isOff = $tokens->takePair('turned', 'off') || $tokens->takePair('switched', 'off');
        $tokens->take('the', 'my');
        $device = $tokens->take('skimmer') ? Spell::SKIMMER : EquipmentRule::device($tokens);
        $tokens->take('was', 'is');
        if ($device !== null && $tokens->take('pause', 'paused')) {
            $draft->add(Spell::pause($device, $this->hours($tokens) ?? $usual), $start);

            return true;
        }
        if ($device !== null && ($isOff || $tokens->take('off'))) {
            $hours = $this->hours($tokens);
            if ($hours !== null) {
                $draft->add(Spell::off($device, $hours), $start);

                return true;
            }
        }
        $tokens->position = $start;

        return false;
    }

    /** "3 h", "2 days"; null for "3 days ago", which says when, and for "1 h a day", which says how it is set. */
    private function hours(Tokens $tokens): ?float
    {
        $start = $tokens->position;
        if ($tokens->take('for', 'of') && $tokens->takePair('a', 'day')) {
            return self::HOURS_A_DAY;
        }
        $hours = $tokens->hours();
        $days = $hours === null ? $tokens->days() : null;
        if (($hours === null && $days === null)
            || in_array($tokens->peek()->word ?? '', ['ago', 'a', 'per', 'daily'], true)) {
            $tokens->position = $start;

            return null;
        }

        return $hours ?? self::HOURS_A_DAY * $days;
    }

    public function words(): array
    {
        return ['feeding pause'];
    }
}
