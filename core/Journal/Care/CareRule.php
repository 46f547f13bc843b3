<?php

declare(strict_types=1);

namespace Ithys\Journal\Care;

use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;

/** "roller advanced", "cleaned the skimmer cup", "floss changed". */
final class CareRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        $deed = $this->deed($tokens);
        if ($deed !== null) {
            $tokens->take('the', 'my', 'a', 'out');
        }
        $part = $this->part($tokens);
        if ($part !== null) {
            $tokens->take('was', 'is');
        }
        $deed ??= $part === null ? null : $this->deed($tokens);
        if ($part === null || $deed === null) {
            $tokens->position = $start;

            return false;
        }
        $draft->add(new Care($part, $deed), $start);

        return true;
    }

    public function words(): array
    {
        return ['roller', 'floss', 'sponge', 'pre-filter', 'skimmer cup', 'cleaned', 'emptied'];
    }

    private function deed(Tokens $tokens): ?Deed
    {
        $deed = Deed::of($tokens->peek()->word ?? '');
        $tokens->position += $deed === null ? 0 : 1;

        return $deed;
    }

    private function part(Tokens $tokens): ?Part
    {
        foreach (Part::cases() as $part) {
            foreach ($part->words() as $words) {
                if ($tokens->takePhrase($words)) {
                    return $part;
                }
            }
        }

        return null;
    }
}
