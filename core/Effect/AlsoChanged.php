<?php

declare(strict_types=1);

namespace Ithys\Effect;

use DateTimeImmutable;

/** What else of a tank changed in its time, beside single entries of its journal. */
final readonly class AlsoChanged
{
    /**
     * @param  list<DateTimeImmutable>  $tank  days on which a new description of the tank or a new path came into force
     * @param  list<RoutineChange>  $routines  by the whole journal
     */
    public function __construct(public array $tank = [], public array $routines = [])
    {
    }
}
