<?php

declare(strict_types=1);

namespace Ithys\Journal\Note;

use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;

/** "note lid leaked again": everything after it is the note. */
final class NoteRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        if (! $tokens->take('note', 'note:')) {
            return false;
        }
        $draft->add(Note::of($tokens->rest()), $start);

        return true;
    }

    public function words(): array
    {
        return ['note'];
    }
}
