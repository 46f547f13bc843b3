<?php

declare(strict_types=1);

namespace Ithys\History\Timeline;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\History\Charge;
use Ithys\History\Routines;
use Ithys\Journal\Binder\Binder;
use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\CarbonDose\CarbonSource;
use Ithys\Journal\Care\Care;
use Ithys\Journal\Care\Deed;
use Ithys\Journal\Care\Part;
use Ithys\Journal\DosePlan\DosePlan;
use Ithys\Journal\Entry;
use Ithys\Journal\Harvest\Harvest as HarvestEntry;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\RoutineWord\Repeated;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Journal\WaterChange\WaterChange as WaterChangeEntry;
use Ithys\Media\Medium;
use Ithys\Nutrient\Act;
use Ithys\Nutrient\Lever\Change;
use Ithys\Nutrient\Lever\Clog;
use Ithys\Nutrient\Lever\Dose;
use Ithys\Nutrient\Lever\DoseSchedule;
use Ithys\Nutrient\Lever\Harvest;
use Ithys\Nutrient\Lever\Lanthanum;
use Ithys\Nutrient\Lever\MediaIn;
use Ithys\Nutrient\Lever\MediaOut;
use Ithys\Nutrient\Lever\Siphon;
use Ithys\Nutrient\Lever\WaterChange;
use Ithys\Path\Kind;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** What was done to a tank, from its journal: changes, charges, doses, harvests, water. */
final class Done
{
    /** A clogged sock lets half through in the last third of its turn: our estimate. */
    private const CLOGGED = 0.5;

    private const CLOGGED_THIRD = 1 / 3;

    private const SECOND = 1 / 86_400;

    /** @var list<Act> */
    public array $acts = [];

    /** @var list<Finding> */
    public array $remarks = [];

    /** @var array<string, float> the day of the last change, by stage */
    private array $changed = [];

    /** @var array<string, float> mL a day that a pump doses, by source */
    private array $plans = [];

    /** @var array<string, float> the day up to which what was logged stands instead, by source */
    private array $dosedUntil = [];

    /** @var list<Charge> those taken out too, in order of time */
    public array $charges = [];

    /** @var array<string, int> what is left out, with how often */
    private array $leftOut = [];

    private int $water = 0;

    private function __construct(private readonly Fitted $fitted, private readonly Assumptions $assumptions)
    {
    }

    /** @param  list<Entry>  $entries  in order of time */
    public static function of(
        array $entries,
        DateTimeImmutable $from,
        Fitted $fitted,
        Routines $routines,
        Assumptions $assumptions,
        float $end,
    ): self {
        $done = new self($fitted, $assumptions);
        foreach ($entries as $entry) {
            $day = $entry->daysAfter($from);
            if ($day >= 0.0 || $entry->payload instanceof DosePlan) {
                $done->take($entry, max(0.0, $day));
            }
        }
        $done->charges(Charge::all($entries), $from);
        $done->goOn($routines, $from, $end);
        $done->assume($end);

        return $done;
    }

    /** @return list<Charge> charges that the model follows */
    public function followed(): array
    {
        return array_values(array_filter(
            $this->charges,
            fn (Charge $one): bool => $this->isFollowed($one->medium()),
        ));
    }

    private function take(Entry $entry, float $day): void
    {
        $payload = $entry->payload;
        match (true) {
            $payload instanceof SockChange => $this->change($day, [Kind::Sock], 1.0, $payload->soiling),
            $payload instanceof Care => $this->care($payload, $day),
            $payload instanceof WaterChangeEntry => $this->water($payload, $day),
            $payload instanceof DosePlan => $this->plan($payload, $day),
            $payload instanceof CarbonDose => $this->dose($payload, $day),
            $payload instanceof HarvestEntry => $this->harvest($payload, $day),
            $payload instanceof Binder => $this->bind($payload, $day),
            default => null,
        };
    }

    /** @param  list<Kind>  $kinds */
    private function change(float $day, array $kinds, float $share, ?int $soiling = null): void
    {
        foreach ($this->stagesBefore($day) as $stage => [$kind, $since]) {
            if (! in_array($kind, $kinds, true)) {
                continue;
            }
            $before = max($since, $this->changed[$stage] ?? Act::BEFORE);
            if ($soiling === (int) SockChange::MOST_SOILING && $before > Act::BEFORE) {
                $this->acts[] = new Act(
                    $day - self::CLOGGED_THIRD * ($day - $before),
                    new Clog((string) $stage, self::CLOGGED),
                );
            }
            $this->acts[] = new Act($day, new Change((string) $stage, $share));
            $this->changed[$stage] = $day;
        }
    }

    private function care(Care $care, float $day): void
    {
        if ($care->part === Part::Sand || $care->deed === Deed::Siphoned) {
            $this->acts[] = new Act($day, new Siphon(0.5));

            return;
        }
        $kinds = match ($care->part) {
            Part::Sock => [Kind::Sock],
            Part::Roller => $care->deed === Deed::Changed ? [Kind::Roller] : [],
            Part::Pad => [Kind::Pad, Kind::DualPad],
            Part::Floss => [Kind::Floss],
            Part::Sponge => [Kind::Sponge],
            Part::PreFilter => [Kind::PreFilter],
            default => [],
        };
        $this->change(
            $day,
            $kinds,
            $care->deed === Deed::Changed ? 1.0 : $this->assumptions->value('cleaned-share'),
        );
    }

    private function water(WaterChangeEntry $change, float $day): void
    {
        $this->water++;
        $this->acts[] = new Act($day, new WaterChange(
            litres: $change->changedLitres,
            nitrate: $change->nitrate,
            phosphate: $change->phosphate,
        ));
    }

    private function plan(DosePlan $plan, float $day): void
    {
        $this->plans[$plan->source->value] = $plan->perDay();
        $this->acts[] = new Act($day, new DoseSchedule($plan->source->value, $plan->perDay()));
    }

    /** A logged dose stands instead of the plan of its day. */
    private function dose(CarbonDose $dose, float $day): void
    {
        $source = $dose->source->value;
        if ($dose->millilitres === 0.0) {
            // It stopped, the pump with it.
            $this->plans[$source] = 0.0;
            $this->acts[] = new Act($day, new DoseSchedule($source, 0.0));

            return;
        }
        $planned = $this->plans[$source] ?? 0.0;
        if ($planned > 0.0 && $day >= ($this->dosedUntil[$source] ?? 0.0)) {
            $this->acts[] = new Act($day, new DoseSchedule($source, 0.0));
            $this->acts[] = new Act($day + 1.0, new DoseSchedule($source, $planned));
            $this->dosedUntil[$source] = $day + 1.0;
        }
        $this->acts[] = new Act($day, new Dose($source, $dose->millilitres));
    }

    private function harvest(HarvestEntry $harvest, float $day): void
    {
        $culture = array_key_first($this->fitted->before($day)->cultures);
        if ($culture === null) {
            $this->leftOut['harvests, for no lit algae are in the path']
                = ($this->leftOut['harvests, for no lit algae are in the path'] ?? 0) + 1;

            return;
        }
        $this->acts[] = new Act(
            $day,
            new Harvest((string) $culture, $this->assumptions->value('algae-dry') * $harvest->grams),
        );
    }

    private function bind(Binder $dose, float $day): void
    {
        if ($dose->milligrams === null) {
            $what = 'lanthanum without its strength; log it as “lanthanum 5 ml holding 100 mg”';
            $this->leftOut[$what] = ($this->leftOut[$what] ?? 0) + 1;

            return;
        }
        $this->acts[] = new Act($day, new Lanthanum($dose->milligrams));
    }

    /** @param  list<Charge>  $charges  all of a journal, in order of time */
    private function charges(array $charges, DateTimeImmutable $from): void
    {
        foreach ($charges as $charge) {
            [$in, $out] = array_map(
                static fn (?DateTimeImmutable $at): ?float => $at === null
                    ? null
                    : ($at->getTimestamp() - $from->getTimestamp()) / 86_400,
                [$charge->from, $charge->to],
            );
            if ($in === null || ($out !== null && $out <= 0.0)) {
                continue;
            }
            $this->charges[] = $charge;
            if (! $this->isFollowed($charge->medium())) {
                continue;
            }
            $day = max(0.0, $in);
            $vessel = $charge->vessel();
            $this->acts[] = new Act($day, new MediaIn(
                self::name($charge),
                $charge->medium()->value,
                $charge->grams($this->assumptions),
                $charge->place()->value,
                $vessel,
                $charge->place() === Place::Reactor ? $this->fitted->on($day)->flows[$vessel] ?? null : null,
                max(0.0, -$in),
                $charge->share(),
            ));
            if ($out !== null) {
                // Days without a time fall on one moment, at which what goes out goes before what comes in.
                $this->acts[] = new Act(max($out, $day + self::SECOND), new MediaOut(self::name($charge)));
            }
        }
    }

    /** As the model calls a charge. */
    public static function name(Charge $charge): string
    {
        return "{$charge->medium()->value} {$charge->entry}";
    }

    /** Nothing is taken to be known of a medium until somebody says what it holds. */
    private function isFollowed(Medium $medium): bool
    {
        return $medium->isModelled()
            && (! $medium->mayBind() || $this->assumptions->value((string) $medium->key('most')) > 0.0);
    }

    /** Routines that fell silent, and doses that the log missed, go on as they are taken to. */
    private function goOn(Routines $routines, DateTimeImmutable $from, float $end): void
    {
        foreach (CarbonSource::cases() as $source) {
            foreach ($routines->unlogged(Repeated::carbon($source), $from) as $one) {
                if (min($end, $one->to) > max(0.0, $one->from)) {
                    $this->acts[] = new Act(
                        max(0.0, $one->from),
                        new DoseSchedule($source->value, $one->perDay),
                    );
                    $this->acts[] = new Act(min($end, $one->to), new DoseSchedule($source->value, 0.0));
                }
            }
        }
        foreach ([Repeated::Socks, Repeated::Water] as $of) {
            foreach ($routines->unlogged($of, $from) as $one) {
                // A sock or a water change that one log missed may not have been made; a long silence is another thing.
                $every = $one->isSilence() ? min($one->days(), $one->rate->every ?? INF) : INF;
                $share = min(1.0, $one->perDay * $every);
                for ($day = max(0.0, $one->from) + $every; $day < min($end, $one->to); $day += $every) {
                    $of === Repeated::Socks
                        ? $this->change($day, [Kind::Sock], $share)
                        : $this->acts[] = new Act($day, new WaterChange(share: $share));
                }
            }
        }
    }

    /** What is not said is said to be assumed. */
    private function assume(float $end): void
    {
        $interval = $this->assumptions->value('sock-interval');
        foreach ($this->stagesBefore($end) as $stage => [$kind, $since]) {
            if ($kind === Kind::Sock && ! isset($this->changed[$stage])) {
                for ($day = max(0.0, $since) + $interval; $day < $end; $day += $interval) {
                    $this->acts[] = new Act($day, new Change((string) $stage));
                }
                $this->remarks[] = Finding::of(
                    Severity::Remark,
                    'sock-interval',
                    'No sock change is logged',
                    Text::of('The model takes one every {days} days.', days: (int) $interval),
                    $this->assumptions->of('sock-interval'),
                );
            }
        }
        if ($this->water === 0) {
            $this->remarks[] = Finding::of(
                Severity::Remark,
                'no-water-change',
                'No water change is logged',
                'The model takes it that none was made. If you change water, log it: what it takes out is otherwise '
                    .'laid to something else.',
            );
        }
        foreach ($this->leftOut as $what => $times) {
            $this->remarks[] = Finding::of(
                Severity::Remark,
                'left-out',
                'Left out',
                Text::of('{times} entries of {what}.', times: $times, what: $what),
            );
        }
    }

    /**
     * What has been fitted by the moment before a day; what is fitted on that moment is still fresh.
     *
     * @return array<string, array{Kind, float}> kind and since when, by stage
     */
    private function stagesBefore(float $day): array
    {
        $there = [];
        foreach ($this->fitted->spans as $span) {
            if ($span->from >= $day) {
                break;
            }
            $before = $there;
            $there = [];
            foreach ($span->stages() as $stage => $kind) {
                $there[$stage] = [$kind, $before[$stage][1] ?? $span->from];
            }
        }

        return $there;
    }
}
