<?php

declare(strict_types=1);

namespace Ithys\Effect;

/** The four honest answers to "what did this change do?". */
enum Verdict: string
{
    case Lower = 'lower';
    case Higher = 'higher';
    case NoDifferenceShown = 'no difference shown';
    case CannotTellYet = 'cannot tell yet';
}
