<?php

declare(strict_types=1);

namespace Ithys\Journal;

use Ithys\Quantity\Text;

/** A lever that is used again and again: how its use is named and told as a rate. */
interface Usage
{
    /** As a sentence begins with it: "Feeding". */
    public function name(): string;

    /** What is used on average, by a day: "2.6 g a day", "one in 4 days", "8 % a week"; of a use above nought. */
    public function perDay(float $use): Text;
}
