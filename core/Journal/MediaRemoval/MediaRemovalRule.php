<?php

declare(strict_types=1);

namespace Ithys\Journal\MediaRemoval;

use Ithys\Journal\MediaCharge\MediaRule;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;

/** "gfo out", "gfo out of the reactor", "carbon bag out", "took out the carbon". */
final class MediaRemovalRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        $isOut = $tokens->takePhrase(['took', 'out']) || $tokens->take('removed');
        $tokens->take('the', 'my');
        $medium = MediaRule::medium($tokens);
        $before = $isOut || $medium === null ? null : MediaRule::vessel($tokens, $medium, $context->containers);
        if ($medium === null || (! $isOut && ! $this->out($tokens))) {
            $tokens->position = $start;

            return false;
        }
        $draft->add(MediaRemoval::of(
            $medium,
            $before ?? MediaRule::vessel($tokens, $medium, $context->containers),
        ), $start);

        return true;
    }

    private function out(Tokens $tokens): bool
    {
        return $tokens->takePhrase(['taken', 'out']) || $tokens->take('out', 'removed');
    }

    public function words(): array
    {
        return [];
    }
}
