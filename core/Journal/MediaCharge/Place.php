<?php

declare(strict_types=1);

namespace Ithys\Journal\MediaCharge;

/** Where a medium sits, which decides how much water it meets. */
enum Place: string
{
    case Reactor = 'reactor';
    case Canister = 'canister';
    case Basket = 'basket';
    case Bag = 'bag';
}
