<?php

declare(strict_types=1);

namespace Ithys\History\Timeline;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\History\Course\Going;
use Ithys\Journal\Entry;
use Ithys\Journal\Photoperiod\Photoperiod;
use Ithys\Journal\Skimmer\SkimmerSwitch;
use Ithys\Journal\Spell\Spell;
use Ithys\Nutrient\Act;
use Ithys\Nutrient\Lever\Algae;
use Ithys\Nutrient\Lever\Flow;
use Ithys\Nutrient\Lever\Mechanical;
use Ithys\Nutrient\Lever\Skimmer;
use Ithys\Path\Kind;
use Ithys\Severity;
use Ithys\System\Setup;

/** What is fitted to a tank over time, from its path: stages, skimmer, light over algae, flow. */
final readonly class Fitted
{
    /**
     * @param  list<Act>  $acts
     * @param  list<Finding>  $remarks
     * @param  non-empty-list<Span>  $spans  in order of time
     */
    private function __construct(
        public array $acts,
        public array $remarks,
        public array $spans,
        public FleeceUse $fleece,
    ) {
    }

    /**
     * @param  list<Entry>  $entries
     * @param  non-empty-list<array{DateTimeImmutable, Setup}>  $setups
     *
     * @throws Missing where a tank has no water
     */
    public static function of(
        array $entries,
        array $setups,
        DateTimeImmutable $from,
        float $end,
        Assumptions $assumptions,
    ): self {
        $spans = Span::all($setups, $entries, $from, $assumptions);
        $fleece = FleeceUse::of($entries, $from, $end);
        $acts = $remarks = [];
        $before = null;
        foreach ($spans as $span) {
            array_push($acts, ...$span->acts($before, $assumptions));
            $before = $span;
        }
        $before = $spans[count($spans) - 1];
        foreach ($before->unlit() as $title) {
            $remarks[] = self::remark(
                'no-watts',
                "{$title}: watts not known",
                'Its algae are left out until the path says how many watts its light has.',
            );
        }
        foreach ($before->cultures as [$title]) {
            $remarks[] = self::remark(
                'algae-start',
                "{$title}: algae at the start",
                'Nobody weighed them. The model takes half of what the light carries.',
            );
        }

        return new self(
            [
                ...$acts,
                ...self::winding($spans, $fleece, $assumptions),
                ...self::skimmer($spans, $entries, $from),
                ...self::light($spans, $entries, $from),
            ],
            [...self::unsaid($setups[count($setups) - 1][1]), ...$remarks],
            $spans,
            $fleece,
        );
    }

    /** @return list<Finding> what the model takes for what today's tank does not say */
    private static function unsaid(Setup $setup): array
    {
        return [
            ...$setup->path === null ? [self::remark(
                'no-path',
                'No path is in force',
                'The model takes a felt sock where sock changes are logged, and a skimmer where it was switched.',
            )] : [],
            ...($setup->litresPerHour()->value ?? 0.0) <= 0.0
                ? [self::remark('no-flow', 'Flow not known', 'The model takes six volumes an hour.')]
                : [],
            ...$setup->tank->circulationLitresPerHour === null ? [self::remark(
                'no-circulation',
                'Circulation in the display not known',
                'The model takes 20 volumes an hour. Enter it under Path, Water: it says how much settles before a '
                    .'sock can catch it.',
            )] : [],
        ];
    }

    /** What was there on a day; before the first, the first. */
    public function on(float $day): Span
    {
        return Span::on($this->spans, $day);
    }

    /** What was there just before a moment: what comes at it has nothing to give yet. */
    public function before(float $day): Span
    {
        $there = $this->spans[0];
        foreach ($this->spans as $span) {
            $there = $span->from < $day ? $span : $there;
        }

        return $there;
    }

    /** What is there at the end. */
    public function last(): Span
    {
        return $this->spans[count($this->spans) - 1];
    }

    /** What a course acts on from a day on. */
    public function going(float $day, Assumptions $assumptions): Going
    {
        $there = $this->on($day);
        $pace = $this->fleece->pace();

        return new Going(
            $there->stages(),
            array_keys($there->cultures),
            $assumptions->value('algae-dry'),
            $pace === null ? $assumptions->value('roller-tau') : FleeceUse::stay($pace, $assumptions),
            $there->rollerShare,
            $pace,
        );
    }

    /**
     * Fleece that winds on slower or faster keeps waste longer or shorter.
     *
     * @param  non-empty-list<Span>  $spans
     * @return list<Act>
     */
    private static function winding(array $spans, FleeceUse $fleece, Assumptions $assumptions): array
    {
        $acts = [];
        foreach ($fleece->paces as [$day, $pace]) {
            $there = Span::on($spans, max(0.0, $day));
            foreach (array_keys($there->stages(), Kind::Roller, true) as $stage) {
                $acts[] = new Act(max(0.0, $day), new Mechanical(
                    (string) $stage,
                    'roller',
                    $there->rollerShare,
                    FleeceUse::stay($pace, $assumptions),
                ));
            }
        }

        return $acts;
    }

    /**
     * Times for which a running skimmer was off. A pause is under an hour or two: that is less than any reading tells.
     *
     * @param  list<Entry>  $entries
     * @param  list<array{float, SkimmerSwitch}>  $switches
     * @return list<Act>
     */
    private static function spells(array $entries, DateTimeImmutable $from, array $switches): array
    {
        $acts = [];
        foreach ($entries as $entry) {
            $spell = $entry->payload;
            if (! $spell instanceof Spell || $spell->device !== Spell::SKIMMER || $spell->isPause) {
                continue;
            }
            $start = $entry->daysAfter($from);
            $end = $start + $spell->hours / 24;
            $changed = array_filter($switches, static fn (array $one): bool => $one[0] > $start && $one[0] <= $end);
            $before = array_filter($switches, static fn (array $one): bool => $one[0] <= $start);
            $last = end($before) ?: null;
            if ($start > Act::BEFORE && $changed === [] && ($last === null || $last[1]->on)) {
                $acts[] = new Act(max(0.0, $start), new Skimmer(false));
                $acts[] = new Act(max(0.0, $end), new Skimmer(true, offHoursPerDay: $last[1]->offHours ?? null));
            }
        }

        return $acts;
    }

    /**
     * A skimmer runs where the path has one, but for the times that it was switched off. What is switched was the other
     * way before the first switch.
     *
     * @param  non-empty-list<Span>  $spans
     * @param  list<Entry>  $entries
     * @return list<Act>
     */
    private static function skimmer(array $spans, array $entries, DateTimeImmutable $from): array
    {
        $switches = [];
        foreach ($entries as $entry) {
            if ($entry->payload instanceof SkimmerSwitch) {
                $switches[] = [$entry->daysAfter($from), $entry->payload];
            }
        }
        $acts = [];
        $had = null;
        foreach ($spans as $span) {
            $has = $span->hasSkimmer === true;
            $last = null;
            foreach ($switches as [$day, $switch]) {
                $last = $day <= $span->from ? $switch : $last;
            }
            if ($had === null) {
                $isOn = $last === null && $switches !== [] ? ! $switches[0][1]->on : $last->on ?? $has;
                $acts[] = new Act($span->from, new Skimmer($isOn, offHoursPerDay: $last?->offHours));
            } elseif ($had !== $has) {
                $acts[] = new Act($span->from, new Skimmer($has && ($last->on ?? true)));
            }
            $had = $has;
        }
        foreach ($switches as [$day, $switch]) {
            if ($day > Act::BEFORE) {
                $acts[] = new Act(max(0.0, $day), new Skimmer($switch->on, offHoursPerDay: $switch->offHours));
            }
        }

        return [...$acts, ...self::spells($entries, $from, $switches)];
    }

    /**
     * @param  non-empty-list<Span>  $spans
     * @param  list<Entry>  $entries
     * @return list<Act>
     */
    private static function light(array $spans, array $entries, DateTimeImmutable $from): array
    {
        $acts = [];
        foreach ($entries as $entry) {
            $hours = $entry->payload;
            if ($hours instanceof Photoperiod && ! $hours->isOfDisplay) {
                $day = max(0.0, $entry->daysAfter($from));
                foreach (array_keys(Span::on($spans, $day)->cultures) as $culture) {
                    $acts[] = new Act(
                        $day,
                        new Algae((string) $culture, null, $hours->hoursPerDay, $hours->daysPerWeek, $hours->dim),
                    );
                }
            }
        }

        return $acts;
    }

    private static function remark(string $code, string $title, string $sentence): Finding
    {
        return Finding::of(Severity::Remark, $code, $title, $sentence);
    }
}
