<?php

declare(strict_types=1);

namespace Ithys\Effect;

use Ithys\Assumption\Assumed;
use Ithys\Journal\Confounds;
use Ithys\Journal\Entry;
use Ithys\Journal\Kind;
use Ithys\Journal\Kinds;
use Ithys\Journal\Usage;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/**
 * Finds the other levers that moved in the window.
 *
 * A routine that simply goes on (the weekly sock, the daily pinch of food) is no change; its *rate* is compared on both
 * sides. Water changes are no confounder: their dilution is undone.
 */
final readonly class Confounders
{
    /** @param  array<string, list<Entry>>  $window  entries the question covers by kind, in order of time */
    private function __construct(private Question $question, private array $window)
    {
    }

    /**
     * @param  list<Entry>  $journal  entries around the change, in order of time
     * @return list<Confounder>
     */
    public static function find(Question $question, array $journal): array
    {
        $window = [];
        foreach ($journal as $entry) {
            if ($question->covers($entry)) {
                $window[$entry->kind()->key()][] = $entry;
            }
        }
        $here = new self($question, $window);
        $found = [...$here->entries($journal), ...$here->tankChanges()];
        foreach (Kinds::all() as $kind) {
            $lever = $kind->lever();
            $shift = match ($lever?->confounds) {
                Confounds::Rate => $lever->usage === null ? null : $here->rateShift($kind, $lever->usage),
                Confounds::Interval => $here->intervalShift($kind, $lever->usage?->name() ?? ''),
                default => null,
            };
            if ($shift !== null) {
                $found[] = $shift;
            }
        }

        return $found;
    }

    /**
     * @param  list<Entry>  $journal
     * @return list<Confounder> charges, switches and the like, one by one
     */
    private function entries(array $journal): array
    {
        $found = [];
        $each = array_map(
            static fn (Kind $kind): bool => $kind->lever()?->confounds === Confounds::Each,
            Kinds::all(),
        );
        foreach ($journal as $entry) {
            $wears = $this->question->isWearing($entry);
            $moves = $each[$entry->kind()->key()] && $this->question->covers($entry);
            if ((! $wears && ! $moves) || $this->question->isChange($entry)) {
                continue;
            }
            $day = $entry->daysAfter($this->question->change->at);
            $found[] = new Confounder(
                Text::of('{what}, {when}.', what: $entry->payload->summary(), when: Confounder::when($day)),
                $day,
                $wears,
            );
        }

        return $found;
    }

    /** @return list<Confounder> */
    private function tankChanges(): array
    {
        $found = [];
        foreach ($this->question->tankChanges as $at) {
            $day = ($at->getTimestamp() - $this->question->change->at->getTimestamp()) / 86400;
            if (abs($day) <= $this->question->windowDays) {
                $found[] = new Confounder(
                    Text::of('The tank or its path was changed {when}.', when: Confounder::when($day)),
                    $day,
                );
            }
        }

        return $found;
    }

    private function rateShift(Kind $kind, Usage $usage): ?Confounder
    {
        $question = $this->question;
        if ($question->change->kind()->key() === $kind->key()) {
            return null;
        }
        $entries = $this->window[$kind->key()] ?? [];
        $before = 0.0;
        $since = 0.0;
        foreach ($entries as $entry) {
            $use = $entry->payload->mark($question->litres)->use;
            $entry->at < $question->change->at ? $before += $use : $since += $use;
        }
        // Days with nothing logged at the edges of a young journal would look like fasting; count from the first entry.
        $began = $entries === [] ? 0.0 : max(0.0, -$entries[0]->daysAfter($question->change->at));
        $began = min($question->windowDays, $began);
        $daysSince = min(
            $question->windowDays,
            ($question->now->getTimestamp() - $question->change->at->getTimestamp()) / 86400,
        );
        if (count($entries) < 4 || $began < 3 || $daysSince < 3) {
            return null;
        }
        [$was, $is] = [$before / $began, $since / $daysSince];
        if (abs($is - $was) <= $question->assumptions->value(Assumed::RateShare) * max($was, $is)) {
            return null;
        }

        return new Confounder(
            Text::of(
                '{what} {moved} from {was} to {is}.',
                what: $usage->name(),
                moved: $is > $was ? 'rose' : 'fell',
                was: $was > 0.0 ? $usage->perDay($was) : 'none',
                is: $is > 0.0 ? $usage->perDay($is) : 'none',
            ),
        );
    }

    private function intervalShift(Kind $kind, string $name): ?Confounder
    {
        if ($this->question->change->kind()->key() === $kind->key()) {
            return null;
        }
        $days = array_map(
            fn (Entry $entry): float => $entry->daysAfter($this->question->change->at),
            $this->window[$kind->key()] ?? [],
        );
        $before = self::medianInterval(array_filter($days, static fn (float $day): bool => $day < 0));
        $since = self::medianInterval(array_filter($days, static fn (float $day): bool => $day >= 0));
        $factor = $this->question->assumptions->value(Assumed::IntervalFactor);
        if ($before === null || $since === null || max($before, $since) <= $factor * min($before, $since)) {
            return null;
        }

        return new Confounder(
            Text::of(
                '{what} went from about {before} to {since} days.',
                what: $name,
                before: Quantity::number($before, 0),
                since: Quantity::number($since, 0),
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
