<?php

declare(strict_types=1);

namespace Ithys\Journal\Equipment;

use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;

/** "uv off", "return pump on", "turned off the heater". */
final class EquipmentRule implements Rule
{
    private const DEVICES = [
        'return pump' => 'return pump', 'flow pump' => 'flow pump', 'wave pump' => 'flow pump', 'uv' => 'UV',
        'uv-c' => 'UV', 'steriliser' => 'UV', 'sterilizer' => 'UV', 'heater' => 'heater', 'chiller' => 'chiller',
        'ozone' => 'ozone', 'gfo reactor' => 'GFO reactor', 'carbon reactor' => 'carbon reactor',
        'algae reactor' => 'algae reactor', 'calcium reactor' => 'calcium reactor', 'reactor' => 'reactor',
        'doser' => 'dosing pump', 'dosing pump' => 'dosing pump', 'ato' => 'top-off', 'top-off' => 'top-off',
        'roller' => 'roller', 'lights' => 'lights', 'light' => 'lights', 'air pump' => 'air pump',
        'canister' => 'canister', 'feed pump' => 'feed pump',
    ];

    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        $on = null;
        if ($tokens->take('turned', 'switched', 'turn', 'switch')) {
            $on = $this->state($tokens);
        }
        $tokens->take('the', 'my');
        if ($on !== null && $tokens->peek()?->word === 'skimmer') {
            // The skimmer has a lane of its own.
            $tokens->position = $start;

            return false;
        }
        $device = self::device($tokens);
        $tokens->take('is', 'was');
        $on ??= $device === null ? null : $this->state($tokens);
        if ($device === null || $on === null) {
            $tokens->position = $start;

            return false;
        }
        $draft->add(new Equipment($device, $on), $start);

        return true;
    }

    /** The device that is named here, taken; null where none is. */
    public static function device(Tokens $tokens): ?string
    {
        foreach (self::DEVICES as $words => $name) {
            if ($tokens->takePhrase(explode(' ', $words))) {
                return $name;
            }
        }

        return null;
    }

    public function words(): array
    {
        return ['uv', 'heater', 'return pump', 'ozone'];
    }

    private function state(Tokens $tokens): ?bool
    {
        return match (true) {
            $tokens->take('turned', 'switched') => $this->state($tokens),
            $tokens->take('on', 'running') => true,
            $tokens->take('off', 'stopped') => false,
            default => null,
        };
    }
}
