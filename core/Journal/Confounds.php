<?php

declare(strict_types=1);

namespace Ithys\Journal;

/** What of a lever counts as another change while the effect of one is judged. */
enum Confounds
{
    /** Every entry: a charge, a switch. */
    case Each;
    /** How much is given a day, and how often: a change of its routine. */
    case Routine;
    /** Nothing: its effect is undone. */
    case Nothing;
}
