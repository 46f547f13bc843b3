<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use DateTimeImmutable;
use Ithys\Effect\AlsoChanged;
use Ithys\Effect\ChangeEffect;
use Ithys\Effect\Judgement;
use Ithys\Effect\Question;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;

/** Asks what a change of a tank did: the same question on every page. */
final readonly class TankVerdicts
{
    /** Days on either side of a change, where nobody chose others. */
    public const WINDOW = 42;

    private AlsoChanged $also;

    /** @param  ?float  $wantedShare  the smallest difference that matters; null for the tank's own */
    public function __construct(
        private System $system,
        private DateTimeImmutable $now,
        private int $windowDays,
        private ?float $wantedShare = null,
    ) {
        $this->also = TankRoutines::changes($system, $now)->also;
    }

    /**
     * @param  list<Parameter>  $of
     * @param  ?list<Entry>  $journal  in order of time, where it was read already
     * @return list<Judgement> in their order
     */
    public function on(Entry $change, array $of, ?int $spanDays = null, ?array $journal = null): array
    {
        $assumptions = $this->system->assumptions();
        $days = ChangeEffect::lookBackDays($this->windowDays, $assumptions);
        $around = $journal === null
            ? (new Journal($this->system))->around($change->at, $days)
            : array_values(array_filter(
                $journal,
                static fn (Entry $entry): bool => abs($entry->daysAfter($change->at)) <= $days,
            ));
        $litres = $this->system->workingLitresAt($change->at);
        // Days are named by the calendar of the tank.
        $local = new Entry(
            $change->at->setTimezone($this->system->zone()),
            $change->payload,
            $change->id,
            $change->note,
        );

        return array_map(fn (Parameter $parameter): Judgement => ChangeEffect::judge(new Question(
            $local,
            $parameter,
            $litres,
            $this->now,
            $this->windowDays,
            $this->wantedShare,
            $this->also,
            $assumptions,
        ), $around, $spanDays), $of);
    }
}
