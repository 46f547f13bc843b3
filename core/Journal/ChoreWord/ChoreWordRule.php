<?php

declare(strict_types=1);

namespace Ithys\Journal\ChoreWord;

use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;

/** "sock still fine", "skipped skimmer cup". */
final class ChoreWordRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        $isSkipped = $tokens->take('skipped', 'skip');
        $tokens->take('the');
        $chore = $this->chore($tokens);
        if ($chore !== null && ($isSkipped || $tokens->takePhrase(['still', 'fine']))) {
            $draft->add($isSkipped ? ChoreWord::skipped($chore) : ChoreWord::stillFine($chore), $start);

            return true;
        }
        $tokens->position = $start;

        return false;
    }

    public function words(): array
    {
        return ['still fine', 'skipped'];
    }

    private function chore(Tokens $tokens): ?Chore
    {
        foreach (Chore::cases() as $chore) {
            if ($tokens->takePhrase($chore->words())) {
                return $chore;
            }
        }

        return null;
    }
}
