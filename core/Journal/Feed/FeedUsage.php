<?php

declare(strict_types=1);

namespace Ithys\Journal\Feed;

use Ithys\Journal\Usage;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** How much is fed, in g. */
final class FeedUsage implements Usage
{
    public function name(): string
    {
        return 'Feeding';
    }

    public function perDay(float $use): Text
    {
        return Text::of('{amount} a day', amount: Quantity::grams(round($use, $use < 1 ? 2 : 1)));
    }
}
