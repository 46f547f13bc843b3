<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Journal\Journal;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;
use Ithys\Journal\Entry;
use Ithys\Journal\Kinds;
use Ithys\Journal\Lane;
use Ithys\Journal\LeverRate;
use Ithys\Journal\Mark;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Reading\Reading;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Words;

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
        $routines = [];
        $words = $keeper->words();
        foreach ($this->entries as $entry) {
            $payload = $entry->payload;
            $lever = $payload->kind()->lever();
            if ($payload instanceof Reading) {
                $readings[] = [
                    'id' => $entry->id,
                    't' => $entry->at->getTimestamp(),
                    'parameter' => $payload->parameter->value,
                    'ppm' => $payload->value,
                    'below' => $payload->belowLimit,
                    'cloudy' => $payload->cloudy,
                    'method' => $payload->method,
                    'note' => $entry->note,
                ];
            } elseif ($asRates && $lever?->routine !== null) {
                $uses[$payload->lane()][] = [$entry->at->getTimestamp(), $this->mark($entry)->use];
                $routines[$payload->lane()] = $lever->routine;
            } else {
                $mark = $this->mark($entry);
                $changes[] = [
                    'id' => $entry->id,
                    't' => $entry->at->getTimestamp(),
                    'lane' => $payload->lane(),
                    'judged' => $lever?->isJudged === true,
                    'text' => $words->say($payload->summary()),
                    'amount' => $mark->amount,
                    'label' => $words->say($mark->label),
                ];
            }
        }
        $rates = [];
        foreach ($uses as $lane => $of) {
            $rates[$lane] = array_map(
                static fn (LeverRate $rate): array => [
                    't' => $rate->from,
                    'seconds' => $rate->seconds,
                    'perDay' => $rate->perDay,
                    'text' => $words->say($rate->words($routines[$lane])),
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
            'lanes' => array_map(static fn (Lane $lane): array => self::lane($lane, $words), Kinds::lanes()),
        ];
    }

    private function mark(Entry $entry): Mark
    {
        return $entry->payload->mark($this->system->workingLitresAt($entry->at));
    }

    /** @return array<string, mixed> */
    private static function lane(Lane $lane, Words $words): array
    {
        $unit = static fn (Dimension|string $unit, string $by): string => $unit instanceof Dimension
            ? $words->units->smallUnitOf($unit)->value.$by
            : $unit;

        return [
            'key' => $lane->key,
            'name' => $lane->name,
            'shape' => $lane->shape->value,
            'unit' => $unit($lane->unit, ''),
            'rateUnit' => $unit($lane->rateUnit, ' a day'),
            'full' => $lane->full,
            'tone' => $lane->tone,
        ];
    }
}
