<?php

declare(strict_types=1);

namespace Ithys\Care;

/** What an interval rests on. */
enum Basis: string
{
    case Chosen = 'chosen';
    case Routine = 'routine';
    case Practice = 'practice';
}
