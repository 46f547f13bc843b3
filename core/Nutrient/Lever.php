<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

/** Something that is done to a tank, or set, at one moment. */
interface Lever
{
    /** Its turn among what is done at the same moment, from 0 on; equals go in the order of entry. */
    public function turn(): int;

    public function act(Plant $plant): void;
}
