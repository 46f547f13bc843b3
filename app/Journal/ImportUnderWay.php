<?php

declare(strict_types=1);

namespace App\Journal;

use DomainException;

/** Another import writes into the same tank. */
final class ImportUnderWay extends DomainException
{
    public static function intoThisTank(): self
    {
        return new self(
            'Another import into this tank is under way. Wait until it is done, then look at this file again.',
        );
    }
}
