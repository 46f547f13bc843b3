<?php

declare(strict_types=1);

namespace Ithys\Nutrient\Timeline;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\Finding;
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
     */
    private function __construct(
        public Basin $basin,
        public array $acts,
        public array $remarks,
        public array $stages,
        public array $cultures,
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
        Assumptions $assumptions,
    ): self {
        $acts = $remarks = $stages = $there = [];
        $setup = $setups[count($setups) - 1][1];
        $turnover = ($setup->litresPerHour()->value ?? 0.0) / $litres;
        foreach ($setups as $n => [$since, $one]) {
            $day = ($since->getTimestamp() - $from->getTimestamp()) / 86_400;
            $next = $setups[$n + 1][0] ?? null;
            if ($next !== null && $next <= $from) {
                continue;
            }
            $day = $n === 0 ? 0.0 : max(0.0, $day);
            $flow = $one->litresPerHour();
            if ($flow !== null) {
                $acts[] = new Act($day, new Flow($flow->value / $litres));
            }
            $mechanical = self::mechanical($one, $entries);
            $gone = array_diff_key($there, $mechanical);
            foreach ($gone as $stage => $medium) {
                $acts[] = new Act($day, new Mechanical((string) $stage, null));
            }
            foreach ($mechanical as $stage => [$kind, $medium]) {
                if (($there[$stage] ?? null) !== $medium) {
                    $acts[] = new Act($day, new Mechanical((string) $stage, $medium));
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
        $light = self::light($setup, $entries, $from, $assumptions);

        return new self(
            new Basin(
                $litres,
                $setup->tank->ground->rockKg,
                $setup->tank->ground->sandKg,
                $turnover > 0.0 ? $turnover : 6.0,
            ),
            [...$acts, ...self::skimmer($setup, $entries, $from), ...$light[0]],
            [...$remarks, ...$light[1]],
            $stages,
            $light[2],
        );
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
                    $acts[] = new Act($day, new Skimmer($entry->payload->on));
                }
            }
        }

        return [new Act(0.0, new Skimmer($isOn)), ...$acts];
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
            $acts[] = new Act(0.0, new Algae($item->id, $watts, $item->hours($assumptions), addGrams: $start));
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
                        new Algae($culture, hours: $hours->hoursPerDay),
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
