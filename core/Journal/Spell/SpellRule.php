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
            $tokens->take('for', 'of');
            $draft->add(Spell::pause(Spell::SKIMMER, $tokens->hours() ?? $usual), $start);

            return true;
        }
        $device = $tokens->take('skimmer') ? Spell::SKIMMER : EquipmentRule::device($tokens);
        $tokens->take('was', 'is');
        if ($device !== null && $tokens->take('pause', 'paused')) {
            $tokens->take('for');
            $draft->add(Spell::pause($device, $tokens->hours() ?? $usual), $start);

            return true;
        }
        if ($device !== null && $tokens->take('off')) {
            $tokens->take('for');
            $hours = $tokens->hours() ?? $this->days($tokens);
            // "3 days ago" says when, and "an hour a day" how it is set.
            if ($hours !== null && ! in_array($tokens->peek()->word ?? '', ['ago', 'a', 'per', 'daily'], true)) {
                $draft->add(Spell::off($device, $hours), $start);

                return true;
            }
        }
        $tokens->position = $start;

        return false;
    }

    private function days(Tokens $tokens): ?float
    {
        $days = $tokens->days();

        return $days === null ? null : self::HOURS_A_DAY * $days;
    }

    public function words(): array
    {
        return ['feeding pause'];
    }
}
