<?php

declare(strict_types=1);

namespace Ithys\Assumption;

/** Where a default comes from: a published source, common practice of the trade, or our own estimate. */
enum AssumptionKind: string
{
    case Published = 'published';
    case Practice = 'common practice';
    case Estimate = 'estimate';
}
