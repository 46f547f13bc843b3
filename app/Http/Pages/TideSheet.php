<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\Journal;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Journal\CarbonDose;
use Ithys\Journal\Entry;
use Ithys\Journal\EntryKind;
use Ithys\Journal\Feed;
use Ithys\Journal\Lane;
use Ithys\Journal\LeverRate;
use Ithys\Journal\MediaCharge;
use Ithys\Journal\Photoperiod;
use Ithys\Journal\Reading;
use Ithys\Journal\WaterChange;

/** Readings over the lanes of what was done, on one time axis. */
final readonly class TideSheet
{
    /** Days shown by each choice of range; the whole journal has none. */
    public const RANGES = ['16w' => 112, '1y' => 366, 'all' => null];

    /** A drawing of more days than this shows routine levers as rates, since single marks would run together. */
    private const SINGLE_MARKS_UP_TO_DAYS = 400;

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
            if (
                $entry->payload instanceof MediaCharge
                && ($entry->payload->medium->bindsPhosphate() || $opening === null)
            ) {
                $opening = $entry;
            }
        }

        return $opening;
    }

    /**
     * @param  bool  $eachEntry  every entry by itself, as a table wants them, however long the time
     * @return array<string, mixed> times as seconds since 1970, UTC
     */
    public function toArray(User $keeper, bool $eachEntry): array
    {
        $asRates
            = ! $eachEntry
            && $this->to->getTimestamp() - $this->from->getTimestamp() > self::SINGLE_MARKS_UP_TO_DAYS * 86_400;
        $readings = [];
        $changes = [];
        $uses = [];
        foreach ($this->entries as $entry) {
            $payload = $entry->payload;
            $kind = $payload->kind();
            if ($payload instanceof Reading) {
                $readings[] = [
                    'id' => $entry->id,
                    't' => $entry->at->getTimestamp(),
                    'nutrient' => $payload->nutrient->value,
                    'ppm' => $payload->mgPerLitre,
                    'below' => $payload->belowLimit,
                    'cloudy' => $payload->cloudy,
                    'method' => $payload->method,
                    'note' => $entry->note,
                ];
            } elseif ($asRates && LeverRate::suits($kind)) {
                $uses[$kind->value][] = [$entry->at->getTimestamp(), $this->amount($entry)];
            } else {
                $changes[] = [
                    'id' => $entry->id,
                    't' => $entry->at->getTimestamp(),
                    'lane' => Lane::keyOf($payload),
                    'judged' => $kind->isJudged(),
                    'text' => $payload->summary($keeper->units),
                    'amount' => Lane::amount($payload),
                    'label' => $this->label($entry),
                ];
            }
        }
        $rates = [];
        foreach ($uses as $kind => $of) {
            $rates[$kind] = array_map(
                static fn (LeverRate $rate): array => [
                    't' => $rate->from,
                    'seconds' => $rate->seconds,
                    'perDay' => $rate->perDay,
                    'text' => $rate->words(EntryKind::from($kind)),
                ],
                LeverRate::over($this->from->getTimestamp(), $this->to->getTimestamp() - 86_400, $of),
            );
        }

        return [
            'from' => $this->from->getTimestamp(),
            'to' => $this->to->getTimestamp(),
            'readings' => $readings,
            'changes' => $changes,
            'rates' => (object) $rates,
            'lanes' => array_map(static fn (Lane $lane): array => $lane->toArray(), Lane::all()),
        ];
    }

    /** What stands beside its mark; empty where the mark says enough. */
    private function label(Entry $entry): string
    {
        $payload = $entry->payload;

        return match (true) {
            $payload instanceof MediaCharge => $payload->amountInWords(),
            $payload instanceof WaterChange => sprintf('%.0f%%', 100 * $this->amount($entry)),
            $payload instanceof Photoperiod => rtrim(rtrim(number_format($payload->hoursPerDay, 1), '0'), '.'),
            default => '',
        };
    }

    /** Grams, millilitres, the share of the water of that day, or one sock. */
    private function amount(Entry $entry): float
    {
        return match (true) {
            $entry->payload instanceof Feed => $entry->payload->grams,
            $entry->payload instanceof CarbonDose => $entry->payload->millilitres,
            $entry->payload instanceof WaterChange => $entry->payload->shareOf(
                $this->system->workingLitresAt($entry->at),
            ),
            default => 1.0,
        };
    }
}
