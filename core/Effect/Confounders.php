<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Journal\Amount;
use Ithys\Journal\CarbonDose;
use Ithys\Journal\Entry;
use Ithys\Journal\EntryKind;
use Ithys\Journal\Feed;

/**
 * Finds the other levers that moved in the window.
 *
 * A routine that simply goes on (the weekly sock, the daily pinch of food) is no change; its *rate* is compared on both
 * sides. Water changes are no confounder: their dilution is undone.
 */
final class Confounders
{
    /** A rate that differs by more than this share between the sides counts as a change. Ours, an estimate. */
    private const RATE_SHARE = 0.2;

    /** A sock interval that stretches or shrinks by more than this factor counts as a change. Ours, an estimate. */
    private const INTERVAL_FACTOR = 1.5;

    /**
     * @param  list<Entry>  $journal  entries around the change, in order of time
     * @return list<Confounder>
     */
    public static function find(Question $question, array $journal): array
    {
        $change = $question->change;
        $window = array_values(array_filter($journal, $question->covers(...)));
        $found = [];
        foreach ($journal as $entry) {
            $wears = $question->isWearing($entry);
            $moves
                = in_array($entry->kind(), [EntryKind::MediaCharge, EntryKind::Skimmer, EntryKind::Photoperiod], true)
                && $question->covers($entry);
            if ((! $wears && ! $moves) || $question->isChange($entry)) {
                continue;
            }
            $day = $entry->daysAfter($change->at);
            $found[] = new Confounder(
                $entry->payload->summary($question->units).', '.Confounder::when($day).'.',
                $day,
                $wears,
            );
        }
        foreach ($question->tankChanges as $at) {
            $day = ($at->getTimestamp() - $change->at->getTimestamp()) / 86400;
            if (abs($day) <= $question->windowDays) {
                $found[] = new Confounder('The tank or its path was changed '.Confounder::when($day).'.', $day);
            }
        }
        $since = min($question->windowDays, ($question->now->getTimestamp() - $change->at->getTimestamp()) / 86400);
        $found[] = self::rateShift($change, $window, EntryKind::Feed, 'Feeding', 'g', $question->windowDays, $since);
        $found[] = self::rateShift(
            $change,
            $window,
            EntryKind::CarbonDose,
            'Organic carbon',
            'mL',
            $question->windowDays,
            $since,
        );
        $found[] = $change->kind() === EntryKind::SockChange ? null : self::sockShift($change, $window);

        return array_values(array_filter($found));
    }

    /** @param  list<Entry>  $journal */
    private static function rateShift(
        Entry $change,
        array $journal,
        EntryKind $kind,
        string $name,
        string $unit,
        float $daysBefore,
        float $daysSince,
    ): ?Confounder {
        $before = 0.0;
        $since = 0.0;
        $count = 0;
        foreach ($journal as $entry) {
            $amount = match (true) {
                $entry->kind() !== $kind => null,
                $entry->payload instanceof Feed => $entry->payload->grams,
                $entry->payload instanceof CarbonDose => $entry->payload->millilitres,
                default => null,
            };
            if ($amount !== null) {
                $count++;
                $entry->at < $change->at ? $before += $amount : $since += $amount;
            }
        }
        // Days with nothing logged at the edges of a young journal would look like fasting; count from the first entry.
        $first
            = array_values(array_filter($journal, static fn (Entry $one): bool => $one->kind() === $kind))[0] ?? null;
        $began = $first === null ? 0.0 : max(0.0, -$first->daysAfter($change->at));
        $began = min($daysBefore, $began);
        if ($count < 4 || $began < 3 || $daysSince < 3) {
            return null;
        }
        $rateBefore = $before / $began;
        $rateSince = $since / $daysSince;
        if (abs($rateSince - $rateBefore) <= self::RATE_SHARE * max($rateBefore, $rateSince)) {
            return null;
        }

        return new Confounder(
            sprintf(
                '%s %s from %s to %s %s a day.',
                $name,
                $rateSince > $rateBefore ? 'rose' : 'fell',
                Amount::plain(round($rateBefore, 1)),
                Amount::plain(round($rateSince, 1)),
                $unit,
            ),
        );
    }

    /** @param  list<Entry>  $journal */
    private static function sockShift(Entry $change, array $journal): ?Confounder
    {
        $days = [];
        foreach ($journal as $entry) {
            if ($entry->kind() === EntryKind::SockChange) {
                $days[] = $entry->daysAfter($change->at);
            }
        }
        $before = self::medianInterval(array_filter($days, static fn (float $day): bool => $day < 0));
        $since = self::medianInterval(array_filter($days, static fn (float $day): bool => $day >= 0));
        if (
            $before === null
            || $since === null
            || max($before, $since) <= self::INTERVAL_FACTOR * min($before, $since)
        ) {
            return null;
        }

        return new Confounder(
            sprintf(
                'The sock interval went from about %s to %s days.',
                Amount::plain(round($before)),
                Amount::plain(round($since)),
            ),
        );
    }

    /** @param  array<float>  $days */
    private static function medianInterval(array $days): ?float
    {
        $days = array_values($days);
        $gaps = [];
        for ($i = 1; $i < count($days); $i++) {
            $gaps[] = $days[$i] - $days[$i - 1];
        }
        sort($gaps);

        return count($gaps) < 2 ? null : max($gaps[intdiv(count($gaps), 2)], 0.25);
    }
}
