<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use DateTimeImmutable;
use Ithys\History\Story;
use Ithys\History\Timeline\Missing;
use Ithys\History\Timeline\Timeline;
use Ithys\History\Timeline\Undone;
use Ithys\Journal\Entry;
use Ithys\Journal\Incident\IncidentKind;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\Note\NoteKind;

/** What the model is told of a tank: its journal of two years and what stood in that time. */
final readonly class TankHistory
{
    private const DAYS = 731;

    /**
     * @param  ?int  $without  an entry that is taken not to have been
     * @param  ?Story  $story  what silences are taken to mean; null for the likely mean
     *
     * @throws Missing
     */
    public static function of(
        System $system,
        DateTimeImmutable $now,
        ?int $without = null,
        ?Story $story = null,
    ): Timeline {
        $from = $now->modify('-'.self::DAYS.' days');
        $moments = [$from, ...array_filter(
            $system->changedOn(),
            static fn (DateTimeImmutable $day): bool => $day > $from && $day <= $now,
        )];
        sort($moments);

        $journal = new Journal($system);
        $entries = [
            // As though it was set as the time begins; a charge has its age.
            ...array_map(
                static fn (Entry $one): Entry => $one->payload instanceof MediaCharge
                    ? $one
                    : new Entry($from, $one->payload, $one->id),
                $journal->standing($from),
            ),
            ...$journal->pooled($from, $now, [(new NoteKind)->key(), (new IncidentKind)->key()]),
        ];

        return Timeline::of(
            $without === null ? $entries : Undone::in($entries, $without),
            // What was described first was there before.
            array_map(
                static fn (DateTimeImmutable $day): array => [
                    $day,
                    $system->setupAt(max($day, $system->describedFrom() ?? $day)),
                ],
                $moments,
            ),
            $now->setTimezone($system->zone()),
            $system->assumptions(),
            $story,
        );
    }
}
