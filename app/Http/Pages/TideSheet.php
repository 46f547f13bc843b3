<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\Journal;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge;
use Ithys\Journal\Reading;
use Ithys\Journal\WaterChange;

/** Readings over the lanes of what was done, on one time axis. */
final readonly class TideSheet
{
    /** Days shown by each choice of range; the whole journal has none. */
    public const RANGES = ['16w' => 112, '1y' => 366, 'all' => null];

    /** @param  list<Entry>  $entries */
    private function __construct(
        private System $system,
        public array $entries,
        public DateTimeImmutable $from,
        public DateTimeImmutable $to,
    ) {
    }

    public static function of(System $system, string $range, DateTimeImmutable $now): self
    {
        $journal = new Journal($system);
        $days = self::RANGES[$range] ?? null;
        $from = $days === null
            ? new DateTimeImmutable((string) ($journal->rows()->min('occurred_at') ?? $now->format('Y-m-d H:i:s')))
            : $now->modify("-{$days} days");
        $to = $now->modify('+1 day');

        return new self($system, $journal->between($from, $to), $from, $to);
    }

    /** The change to open with: the last phosphate media charge shown, else the first of any medium. */
    public function openingChange(): ?Entry
    {
        $opening = null;
        foreach ($this->entries as $entry) {
            if ($entry->payload instanceof MediaCharge && ($entry->payload->medium->bindsPhosphate() || $opening === null)) {
                $opening = $entry;
            }
        }

        return $opening;
    }

    /** @return array<string, mixed> times as seconds since 1970, UTC */
    public function toArray(User $keeper): array
    {
        $readings = [];
        $changes = [];
        foreach ($this->entries as $entry) {
            if ($entry->payload instanceof Reading) {
                $readings[] = ['id' => $entry->id, 't' => $entry->at->getTimestamp(), 'nutrient' => $entry->payload->nutrient->value,
                    'ppm' => $entry->payload->mgPerLitre, 'below' => $entry->payload->belowLimit, 'cloudy' => $entry->payload->cloudy, 'method' => $entry->payload->method, 'note' => $entry->note];
            } else {
                $changes[] = ['id' => $entry->id, 't' => $entry->at->getTimestamp(), 'kind' => $entry->kind()->value, 'lever' => $entry->kind()->isLever(),
                    'text' => $entry->payload->summary($keeper->units), ...$entry->payload->toArray(), ...$this->share($entry)];
            }
        }

        return ['from' => $this->from->getTimestamp(), 'to' => $this->to->getTimestamp(), 'readings' => $readings, 'changes' => $changes];
    }

    /** @return array{share?: float} of a water change, by the tank of its day */
    private function share(Entry $entry): array
    {
        return $entry->payload instanceof WaterChange ? ['share' => $entry->payload->shareOf($this->system->workingLitresAt($entry->at))] : [];
    }
}
