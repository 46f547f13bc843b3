<?php

declare(strict_types=1);

namespace Ithys\Journal\KitChange;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Journal\Reading\Parameter;

/** "new kit no3", "new test kit po4 colour comparison", "new no3 kit". */
final class KitChangeRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        if (! $tokens->take('new', 'another')) {
            return false;
        }
        $of = $this->parameter($tokens);
        $isTest = $tokens->take('test');
        $isKit = $tokens->take('kit') || $isTest;
        if (! $isKit) {
            $tokens->position = $start;

            return false;
        }
        $tokens->take('for');
        $of ??= $this->parameter($tokens) ?? throw InvalidEntry::kitOfWhat();
        $name = $tokens->quoted() ?? $tokens->name();
        $draft->add(KitChange::to($of, $name), $start);

        return true;
    }

    public function words(): array
    {
        return ['new kit'];
    }

    private function parameter(Tokens $tokens): ?Parameter
    {
        $named = Parameter::fromWord($tokens->peek()->word ?? '');
        $tokens->position += $named === null ? 0 : 1;

        return $named[0] ?? null;
    }
}
