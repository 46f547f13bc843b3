<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use DateTimeImmutable;
use Ithys\History\Guard\DoseContext;
use Ithys\History\Guard\DoseGuard;
use Ithys\History\Guard\Doubt;
use Ithys\History\Guard\ReadingSlip;
use Ithys\History\Standing;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Reading;

/** Brings what the guard needs of a tank to every door that doses and readings come in by. */
final readonly class DoseDoor
{
    /** Readings on each side of one that it is held against. */
    private const BESIDE = 8;

    public function __construct(private System $system)
    {
    }

    public function context(DateTimeImmutable $at): DoseContext
    {
        $from = $at->modify('-'.DoseContext::DAYS.' days');

        return $this->contextOf($at, [
            ...$this->lasting($from),
            ...(new Journal($this->system))->pooled($from, $at),
        ]);
    }

    /** @return list<Entry> what may still hold from before the days that are read whole */
    private function lasting(DateTimeImmutable $before): array
    {
        return (new Journal($this->system))->ofKinds(Standing::kinds(), $before->modify('-1 second'));
    }

    /**
     * What the guard has against each of some entries, of which the later see the earlier.
     *
     * @param  list<Entry>  $entries
     * @param  ?int  $without  an entry of the journal that one of them replaces
     * @param  list<Entry>  $more  others that are not in the journal yet
     * @return array<int, list<Doubt>> by the entry's place; none for those that are fine
     */
    public function doubts(array $entries, ?int $without = null, array $more = []): array
    {
        $asked = array_filter($entries, static fn (Entry $one): bool => DoseGuard::isAbout($one->payload));
        if ($asked === []) {
            return [];
        }
        $moments = array_map(static fn (Entry $one): DateTimeImmutable => $one->at, $asked);
        $start = min($moments)->modify('-'.DoseContext::DAYS.' days');
        $known = array_values(array_filter(
            [
                ...$this->lasting($start),
                ...(new Journal($this->system))->pooled(
                    $start,
                    max($moments)->modify('+'.ReadingSlip::BACK.' days'),
                ),
                ...$more,
                ...$entries,
            ],
            static fn (Entry $one): bool => $without === null || $one->id !== $without,
        ));
        usort($known, static fn (Entry $a, Entry $b): int => $a->at <=> $b->at);
        $doubts = [];
        $read = [];
        foreach ($known as $one) {
            if ($one->payload instanceof Reading) {
                $read[$one->payload->parameter->value][] = $one;
            }
        }
        foreach ($asked as $place => $entry) {
            if ($entry->payload instanceof Reading) {
                $here = self::slips($entry, $entry->payload, $read[$entry->payload->parameter->value] ?? []);
                $doubts += $here === [] ? [] : [$place => $here];

                continue;
            }
            $from = $entry->at->modify('-'.DoseContext::DAYS.' days');
            $before = array_values(array_filter(
                $known,
                static fn (Entry $one): bool => $one !== $entry && $one->at <= $entry->at
                    && ($one->at >= $from || in_array($one->kind()->key(), Standing::kinds(), true)),
            ));
            $here = DoseGuard::doubts($entry->payload, $this->contextOf($entry->at, $before));
            if ($here !== []) {
                $doubts[$place] = $here;
            }
        }

        return $doubts;
    }

    /**
     * @param  list<Entry>  $readings  of the same parameter, in order of time
     * @return list<Doubt>
     */
    private static function slips(Entry $entry, Reading $reading, array $readings): array
    {
        [$low, $high] = [0, count($readings)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $readings[$middle]->at < $entry->at ? [$middle + 1, $high] : [$low, $middle];
        }
        $beside = array_slice($readings, max(0, $low - self::BESIDE), 2 * self::BESIDE);

        return ReadingSlip::of(
            $reading,
            $entry->at,
            array_values(array_filter($beside, static fn (Entry $one): bool => $one->at < $entry->at)),
            array_values(array_filter($beside, static fn (Entry $one): bool => $one->at > $entry->at)),
        );
    }

    /** @param  list<Entry>  $entries */
    private function contextOf(DateTimeImmutable $at, array $entries): DoseContext
    {
        $targets = [];
        foreach ($this->system->target_school?->bands($this->system->assumptions()) ?? [] as $band) {
            $targets[$band->parameter->value] = [$band->low, $band->high];
        }

        return new DoseContext(
            $this->system->setupAt($at),
            $entries,
            $at,
            $this->system->assumptions(),
            $targets,
        );
    }
}
