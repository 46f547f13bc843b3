<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

use Ithys\Journal\Note;

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
