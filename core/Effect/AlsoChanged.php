<?php

declare(strict_types=1);

namespace Ithys\Effect;

use DateTimeImmutable;
use Ithys\History\Routines;
use Ithys\History\Unlogged;
use Ithys\Journal\RoutineWord\Repeated;

/** What else of a tank changed in its time, beside single entries of its journal. */
final readonly class AlsoChanged
{
    /**
     * @param  list<DateTimeImmutable>  $tank  days on which a new description of the tank or a new path came into force
     * @param  list<RoutineChange>  $routines  by the whole journal
     * @param  list<array{int, int, float}>  $missed  water changes that the log seems to lack: from and to, in seconds
     *   since 1970, and how many
     */
    public function __construct(public array $tank = [], public array $routines = [], public array $missed = [])
    {
    }

    /** @param  list<DateTimeImmutable>  $tank */
    public static function of(array $tank, Routines $routines): self
    {
        $origin = new DateTimeImmutable('@0');

        return new self($tank, RoutineChange::in($routines), array_map(
            static fn (Unlogged $one): array => [
                (int) (86_400 * $one->from),
                (int) (86_400 * $one->to),
                ($one->to - $one->from) / ($one->rate->every ?? Unlogged::LONG),
            ],
            $routines->unlogged(Repeated::Water, $origin),
        ));
    }
}
