<?php

declare(strict_types=1);

namespace Ithys\Effect\Alarm;

use DateTimeImmutable;
use Ithys\Finding;

/** Something a keeper should look at now, with what it rests on. */
final readonly class Alert
{
    /** @param  ?int  $entry  the entry that it is about, by the journal's number; null for the readings shown */
    public function __construct(
        /** What it is put off by; stable. */
        public string $key,
        public Finding $finding,
        /** From when on the journal shows why. */
        public DateTimeImmutable $from,
        public ?int $entry = null,
    ) {
    }
}
