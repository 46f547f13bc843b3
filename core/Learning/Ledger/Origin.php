<?php

declare(strict_types=1);

namespace Ithys\Learning\Ledger;

/** Where a figure of the ledger comes from. */
enum Origin: string
{
    /** From what the keeper logged or weighed, with one figure of what it holds. */
    case Logged = 'logged';
    /** From the model alone. */
    case Modelled = 'modelled';
    /** What the readings show and the model does not. */
    case Unexplained = 'unexplained';
}
