<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\System;
use App\Models\Trial;
use DateTimeImmutable;
use Ithys\Effect\Confounder;
use Ithys\Effect\Confounders;
use Ithys\Effect\Judgement;
use Ithys\Effect\KitStretch;
use Ithys\Effect\Question;
use Ithys\Effect\Relaxed\Course;
use Ithys\Journal\Entry;
use Ithys\Journal\Note\Note;
use Ithys\Journal\Reading\Reading;
use Ithys\Journal\Reading\ReadingKind;
use Ithys\Quantity\Text;
use Ithys\Trial\Tank\Form;
use Ithys\Trial\Tank\Lot;
use Ithys\Trial\Tank\PairedTanks;
use Ithys\Trial\Tank\SwitchBack;
use Ithys\Trial\Tank\TankPlan;
use Ithys\Trial\Tank\TankPower;
use Ithys\Trial\Tank\TankVerdict;
use Ithys\Trial\TooEarly;

/** Trials in the tanks themselves: what their journals say of them. */
final readonly class TankTrials
{
    /** Days after the one by lot on which the change may have been made. */
    public const LATE = 7;

    public function __construct(private Trial $trial, private DateTimeImmutable $now)
    {
    }

    public function verdict(): TankVerdict
    {
        $plan = $this->trial->tankPlan();
        $lot = $this->trial->lot();
        $today = $this->trial->day($this->now) ?? 0;
        if ($today <= $lot->lastDay() && ($this->trial->ended === null || $today < $lot->lastDay())) {
            return TankVerdict::withheld(TooEarly::says($lot->lastDay(), $today, $this->trial->ended !== null));
        }

        return $plan->form === Form::Switched ? $this->switched($plan, $lot) : $this->changed($plan);
    }

    /** Day of the trial; null before its start. */
    public function today(): ?int
    {
        return $this->trial->day($this->now);
    }

    /** The tank that is changed. */
    public function changedTank(): System
    {
        $other = $this->trial->other;

        return $this->trial->lot()->isOther && $other !== null ? $other : $this->trial->system;
    }

    /** Midnight after the first day, from which the days of a trial count; null before the start. */
    public function start(): ?DateTimeImmutable
    {
        return $this->trial->started === null
            ? null
            : (new DateTimeImmutable($this->trial->started, $this->trial->system->zone()))->modify('+1 day');
    }

    /**
     * Readings of a tank from the first day on.
     *
     * @return list<array{float, float}> day of the trial, by the calendar, and level
     */
    public function readings(System $system): array
    {
        $start = $this->start();
        if ($start === null) {
            return [];
        }
        $parameter = $this->trial->tankPlan()->parameter;
        $last = min($this->now, $start->modify("+{$this->trial->lot()->lastDay()} days"));
        $entries = (new Journal($system))->ofKinds([ReadingKind::KEY], $last, $start->modify('-1 day'));
        $readings = [];
        foreach ($entries as $entry) {
            if ($entry->payload instanceof Reading && $entry->payload->parameter === $parameter) {
                $readings[] = [round($entry->daysAfter($start) + 1, 2), $entry->payload->value];
            }
        }

        return $readings;
    }

    /**
     * Changes in the journal of the changed tank that may be the one of the trial.
     *
     * @return list<Entry>
     */
    public function candidates(): array
    {
        $start = $this->start();
        if ($start === null) {
            return [];
        }
        $system = $this->changedTank();
        // The day by lot, whatever was picked since.
        $day = Lot::draw($this->trial->tankPlan(), $this->trial->seed)->changeDay();
        $asked = TankRoutines::changes($system, $this->now);

        return array_values(array_filter(
            (new Journal($system))->between(
                $start->modify('-1 day')->modify("+{$day} days"),
                min($this->now, $start->modify('+'.($day + self::LATE).' days')),
            ),
            $asked->has(...),
        ));
    }

    /** Day of the trial on which an entry was made; days end at midnight. */
    public function dayOf(Entry $entry): int
    {
        return $this->trial->dayOf($entry->at->setTimezone($this->trial->system->zone())->format('Y-m-d'));
    }

    /** The first planned day that has no reading in the journal; null where none is left, or it does not run. */
    public function nextDay(System $of): ?int
    {
        if ($this->trial->started === null || $this->trial->ended !== null) {
            return null;
        }
        $read = array_column($this->readings($of), 0);
        $last = $read === [] ? -1 : (int) floor(max($read));
        foreach ($this->trial->lot()->days() as $day) {
            if ($day > $last) {
                return $day;
            }
        }

        return null;
    }

    /**
     * Switches to be made, in order; none where it does not run.
     *
     * @return list<array{planned: int, day: int, isOn: bool}>
     */
    public function nextSwitches(): array
    {
        return $this->trial->started === null || $this->trial->ended !== null ? [] : array_values(array_filter(
            $this->trial->isSwitched() || $this->trial->entry_id === null
                ? $this->trial->lot()->switches()
                : [],
            fn (array $one): bool => ! isset($this->trial->switched[$one['planned']]),
        ));
    }

    /**
     * The smallest change that a plan shows in its tanks, from how they wandered in the last twelve weeks.
     *
     * @param  non-empty-list<System>  $tanks
     * @return array{perDay: ?float, lacks: ?string} mg/L a day, or the tank whose readings are too few
     */
    public static function power(TankPlan $plan, int $seed, array $tanks, DateTimeImmutable $now): array
    {
        $learned = [];
        foreach ($tanks as $tank) {
            $assumptions = $tank->assumptions();
            $from = $now->modify('-'.TankPower::DAYS.' days');
            $stretches = KitStretch::through(
                (new Journal($tank))->pooled($from, $now),
                $plan->parameter,
                $tank->workingLitresAt($now),
                $now,
                $assumptions,
            );
            $last = end($stretches);
            $stick = $last === false ? null : $last->stick(new Course(INF), $assumptions);
            if ($last === false || $stick === null) {
                return ['perDay' => null, 'lacks' => $tank->name];
            }
            $learned[] = [$last, $stick];
        }

        return [
            'perDay' => TankPower::smallest($plan, Lot::draw($plan, $seed), $learned),
            'lacks' => null,
        ];
    }

    private function switched(TankPlan $plan, Lot $lot): TankVerdict
    {
        $system = $this->trial->system;
        $start = $this->start() ?? $this->now;
        $end = $start->modify("+{$lot->lastDay()} days");
        $journal = (new Journal($system))->pooled($start->modify('-1 day'), $end);
        $litres = $system->workingLitresAt($start);
        $assumptions = $system->assumptions();

        return SwitchBack::judge(
            $plan,
            $lot,
            KitStretch::through($journal, $plan->parameter, $litres, $start, $assumptions),
            $this->others($plan, $lot, $journal, $start, $litres),
            $assumptions,
        );
    }

    /**
     * @param  list<Entry>  $journal
     * @return list<Confounder>
     */
    private function others(
        TankPlan $plan,
        Lot $lot,
        array $journal,
        DateTimeImmutable $start,
        float $litres,
    ): array {
        $found = Confounders::find(new Question(
            new Entry($start, Note::of('start')),
            $plan->parameter,
            $litres,
            $this->now,
            $lot->lastDay(),
            also: TankRoutines::changes($this->trial->system, $this->now)->also,
            assumptions: $this->trial->system->assumptions(),
        ), $journal);

        return array_values(array_filter(
            $found,
            static fn (Confounder $one): bool => $one->day === null || $one->day >= 0.0,
        ));
    }

    /** By the verdict on the change that was logged, as the journal gives it. */
    private function changed(TankPlan $plan): TankVerdict
    {
        $tank = $this->changedTank();
        $id = $this->trial->entry_id;
        $change = $id === null ? null : $tank->entries()->find($id)?->toEntry();
        if ($change === null) {
            return TankVerdict::withheld(Text::of(
                $id === null
                    ? 'Pick the change first: log it in the journal of {tank}, then choose it here.'
                    : 'The change is no longer in the journal of {tank}. Pick another.',
                tank: $tank->name,
            ));
        }
        $on = fn (System $system): Judgement => (new TankVerdicts(
            $system,
            $this->now,
            $plan->schedule->phaseDays,
        ))->on($change, [$plan->parameter])[0];
        $other = $this->trial->other;
        if ($plan->form === Form::Before) {
            return TankVerdict::ofChange($on($tank));
        }
        if ($other === null) {
            return TankVerdict::withheld(Text::wrap('Not clear: the second tank is gone.'));
        }
        $left = $tank->is($other) ? $this->trial->system : $other;

        return PairedTanks::judge($plan, $on($tank), $on($left), [$tank->name, $left->name]);
    }
}
