<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\Journal\Payload;

/** One question about a dose. */
interface GuardRule
{
    /** @return list<Doubt> none where it is fine, or where the rule is not about such a dose */
    public function doubts(Payload $dose, DoseContext $here): array;
}
