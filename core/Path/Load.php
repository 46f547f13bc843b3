<?php

declare(strict_types=1);

namespace Ithys\Path;

use Ithys\Media\Medium;

/** A medium in a container of the path. */
final readonly class Load
{
    public function __construct(public Medium $medium, public ?float $grams)
    {
    }
}
