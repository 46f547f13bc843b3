<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\Payload;

/** What the rules have gathered from a line so far. */
final class Draft
{
    /** @var list<array{Payload, int}> payloads with the token position each was read from */
    public array $payloads = [];

    /** Year, month, day as Y-m-d in the keeper's zone. */
    public ?string $date = null;

    /** @var array{int, int, string}|null hour, minute, and the offset from UTC where one was written */
    public ?array $time = null;

    public bool $cloudy = false;

    public ?Repeat $repeat = null;

    /** Days between, where a line tells of a whole time without saying how often. */
    public ?float $each = null;

    /** The kit that the readings of the line were made with, where it is named. */
    public ?string $kit = null;

    /** The keeper means it, however unusual it is. */
    public bool $sure = false;

    /** Why the keeper means it. */
    public ?string $because = null;

    public function add(Payload $payload, int $position): void
    {
        $this->payloads[] = [$payload, $position];
    }

    /** @throws InvalidEntry when the line already names a day */
    public function setDate(string $date): void
    {
        $this->date = $this->date === null ? $date : throw InvalidEntry::twice('day');
    }

    /** @throws InvalidEntry when the line already names a time */
    public function setTime(int $hour, int $minute, string $offset): void
    {
        $this->time = $this->time === null ? [$hour, $minute, $offset] : throw InvalidEntry::twice('time');
    }
}
