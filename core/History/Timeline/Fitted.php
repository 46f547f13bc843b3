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
use Ithys\Journal\SockChange\SockChange;
use Ithys\Nutrient\Act;
use Ithys\Nutrient\Basin;
use Ithys\Nutrient\Lever\Algae;
use Ithys\Nutrient\Lever\Flow;
use Ithys\Nutrient\Lever\Mechanical;
use Ithys\Nutrient\Lever\Skimmer;
use Ithys\Path\Choice;
use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Severity;
use Ithys\System\Setup;

/** What is fitted to a tank over time, from its path: stages, skimmer, light over algae, flow. */
final readonly class Fitted
{
    /**
     * @param  list<Act>  $acts
     * @param  list<Finding>  $remarks
     * @param  list<array{float, array<string, Kind>}>  $stages  from a day on: what is fitted, by stage
     * @param  list<string>  $cultures
     * @param  array<string, float>  $flows  L/h that reach an item of the path in force, by its mark
     */
    private function __construct(
        public Basin $basin,
        public array $acts,
        public array $remarks,
        public array $stages,
        public array $cultures,
        public array $flows,
        public FleeceUse $fleece,
        private float $rollerShare,
    ) {
    }

    /**
     * @param  list<Entry>  $entries
     * @param  non-empty-list<array{DateTimeImmutable, Setup}>  $setups
     */
    public static function of(
        array $entries,
        array $setups,
        DateTimeImmutable $from,
        float $litres,
        float $end,
        Assumptions $assumptions,
    ): self {
        $acts = $remarks = $stages = $there = [];
        $setup = $setups[count($setups) - 1][1];
        $turnover = ($setup->litresPerHour()->value ?? 0.0) / $litres;
        $fleece = FleeceUse::of($entries, $from, $end);
        $rollerShare = self::rollerShare($setup, $assumptions);
        foreach ($setups as $n => [$since, $one]) {
            $day = ($since->getTimestamp() - $from->getTimestamp()) / 86_400;
            $next = $setups[$n + 1][0] ?? null;
            if ($next !== null && $next <= $from) {
                continue;
            }
            $day = $n === 0 || $day <= 0.0 ? Act::BEFORE : $day;
            $flow = $one->litresPerHour();
            $within = $one->tank->circulationLitresPerHour;
            if ($flow !== null || $within !== null) {
                $acts[] = new Act($day, new Flow(
                    $flow === null ? null : $flow->value / $litres,
                    $within === null ? null : $within / $litres,
                ));
            }
            $mechanical = self::mechanical($one, $entries);
            $gone = array_diff_key($there, $mechanical);
            foreach ($gone as $stage => $medium) {
                $acts[] = new Act($day, new Mechanical((string) $stage, null));
            }
            foreach ($mechanical as $stage => [$kind, $medium]) {
                if (($there[$stage] ?? null) !== $medium) {
                    $acts[] = new Act($day, new Mechanical(
                        (string) $stage,
                        $medium,
                        $kind === Kind::Roller ? $rollerShare : 1.0,
                    ));
                }
            }
            $there = array_map(static fn (array $each): string => $each[1], $mechanical);
            $stages[] = [$day, array_map(static fn (array $each): Kind => $each[0], $mechanical)];
        }
        if ($setup->path === null) {
            $remarks[] = self::remark(
                'no-path',
                'No path is in force',
                'The model takes a felt sock where sock changes are logged, and a skimmer where it was switched.',
            );
        }
        if ($turnover <= 0.0) {
            $remarks[] = self::remark('no-flow', 'Flow not known', 'The model takes six volumes an hour.');
        }
        if ($setup->tank->circulationLitresPerHour === null) {
            $remarks[] = self::remark(
                'no-circulation',
                'Circulation in the display not known',
                'The model takes 20 volumes an hour. Enter it under Path, Water: it says how much settles before a '
                    .'sock can catch it.',
            );
        }
        $light = self::light($setup, $entries, $from, $assumptions);

        return new self(
            new Basin(
                $litres,
                $setup->tank->ground->rockKg,
                $setup->tank->ground->sandKg,
                $turnover > 0.0 ? $turnover : Basin::TURNOVER,
            ),
            [
                ...$acts,
                ...self::winding($stages, $fleece, $rollerShare, $assumptions),
                ...self::skimmer($setup, $entries, $from),
                ...$light[0],
            ],
            [...$remarks, ...$light[1]],
            $stages,
            $light[2],
            self::flows($setup),
            $fleece,
            $rollerShare,
        );
    }

    /** What a course acts on from a day on. */
    public function going(float $day, Assumptions $assumptions): Going
    {
        $stages = [];
        foreach ($this->stages as [$from, $there]) {
            $stages = $from <= $day ? $there : $stages;
        }
        $pace = $this->fleece->pace();

        return new Going(
            $stages,
            $this->cultures,
            $assumptions->value('algae-dry'),
            $pace === null ? $assumptions->value('roller-tau') : FleeceUse::stay($pace, $assumptions),
            $this->rollerShare,
            $pace,
        );
    }

    /**
     * Fleece that winds on slower or faster keeps waste longer or shorter.
     *
     * @param  list<array{float, array<string, Kind>}>  $stages
     * @return list<Act>
     */
    private static function winding(
        array $stages,
        FleeceUse $fleece,
        float $share,
        Assumptions $assumptions,
    ): array {
        $acts = [];
        foreach ($fleece->paces as [$day, $pace]) {
            $there = [];
            foreach ($stages as [$from, $fitted]) {
                $there = $from <= max(0.0, $day) ? $fitted : $there;
            }
            foreach (array_keys($there, Kind::Roller, true) as $stage) {
                $acts[] = new Act(max(0.0, $day), new Mechanical(
                    (string) $stage,
                    'roller',
                    $share,
                    FleeceUse::stay($pace, $assumptions),
                ));
            }
        }

        return $acts;
    }

    /** A roller that a pump feeds sees a part of the flow only. */
    private static function rollerShare(Setup $setup, Assumptions $assumptions): float
    {
        foreach ($setup->path?->itemsOf(Kind::Roller) ?? [] as $roller) {
            if ($roller->choice(Choice::Feed) === 'pump') {
                return $assumptions->value('roller-pump-share');
            }
        }

        return 1.0;
    }

    /** @return array<string, float> */
    private static function flows(Setup $setup): array
    {
        $here = $setup->situation();
        if ($here === null) {
            return [];
        }
        $flows = [];
        foreach ($here->path->items() as $item) {
            $flow = $here->course->flowAt($item);
            if ($flow !== null && $flow > 0.0) {
                $flows[$item->id] = $flow;
            }
        }

        return $flows;
    }

    /**
     * @param  list<Entry>  $entries
     * @return array<string, array{Kind, string}> kind and medium, by stage in flow order
     */
    private static function mechanical(Setup $setup, array $entries): array
    {
        if ($setup->path === null) {
            foreach ($entries as $entry) {
                if ($entry->payload instanceof SockChange) {
                    return ['sock' => [Kind::Sock, 'felt']];
                }
            }
        }
        $stages = [];
        foreach ($setup->path?->items() ?? [] as $item) {
            $medium = self::medium($item);
            if ($medium !== null) {
                $stages[$item->id] = [$item->kind, $medium];
            }
        }

        return $stages;
    }

    private static function medium(Item $item): ?string
    {
        return match ($item->kind) {
            Kind::Sock => $item->choice(Choice::Material) === 'mesh' ? 'mesh' : 'felt',
            Kind::Roller => 'roller',
            Kind::Sponge, Kind::PreFilter => 'sponge',
            Kind::Pad, Kind::DualPad => 'pad',
            Kind::Floss => 'floss',
            default => null,
        };
    }

    /**
     * @param  list<Entry>  $entries
     * @return list<Act>
     */
    private static function skimmer(Setup $setup, array $entries, DateTimeImmutable $from): array
    {
        $acts = [];
        $isOn = $setup->path?->itemsOf(Kind::Skimmer) !== [] && $setup->path !== null;
        $isFirst = true;
        foreach ($entries as $entry) {
            if ($entry->payload instanceof SkimmerSwitch) {
                $day = $entry->daysAfter($from);
                if ($isFirst) {
                    // What is switched was the other way before.
                    $isOn = ! $entry->payload->on;
                    $isFirst = false;
                }
                if ($day <= 0.0) {
                    $isOn = $entry->payload->on;
                } else {
                    $acts[] = new Act(
                        $day,
                        new Skimmer($entry->payload->on, offHoursPerDay: $entry->payload->offHours),
                    );
                }
            }
        }

        return [new Act(Act::BEFORE, new Skimmer($isOn)), ...$acts];
    }

    /**
     * @param  list<Entry>  $entries
     * @return array{list<Act>, list<Finding>, list<string>} acts, remarks and cultures
     */
    private static function light(
        Setup $setup,
        array $entries,
        DateTimeImmutable $from,
        Assumptions $assumptions,
    ): array {
        $acts = $remarks = $cultures = [];
        foreach ($setup->path?->items() ?? [] as $item) {
            if (! $item->kind->isAlgae()) {
                continue;
            }
            $watts = $item->figure(Figure::Watts);
            if ($watts === null) {
                $remarks[] = self::remark(
                    'no-watts',
                    "{$item->title()}: watts not known",
                    'Its algae are left out until the path says how many watts its light has.',
                );

                continue;
            }
            $cultures[] = $item->id;
            $start = $assumptions->value('algae-start') * $assumptions->value('algae-g-per-watt') * $watts;
            $acts[] = new Act(Act::BEFORE, new Algae($item->id, $watts, $item->hours($assumptions), addGrams: $start));
            $remarks[] = self::remark(
                'algae-start',
                "{$item->title()}: algae at the start",
                'Nobody weighed them. The model takes half of what the light carries.',
            );
        }
        foreach ($entries as $entry) {
            $hours = $entry->payload;
            if ($hours instanceof Photoperiod && ! $hours->isOfDisplay) {
                foreach ($cultures as $culture) {
                    $acts[] = new Act(
                        max(0.0, $entry->daysAfter($from)),
                        new Algae($culture, null, $hours->hoursPerDay, $hours->daysPerWeek, $hours->dim),
                    );
                }
            }
        }

        return [$acts, $remarks, $cultures];
    }

    private static function remark(string $code, string $title, string $sentence): Finding
    {
        return Finding::of(Severity::Remark, $code, $title, $sentence);
    }
}
