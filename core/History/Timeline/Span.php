<?php

declare(strict_types=1);

namespace Ithys\History\Timeline;

use DateTimeImmutable;
use Ithys\Assumption\Assumptions;
use Ithys\Journal\Entry;
use Ithys\Journal\SockChange\SockChange;
use Ithys\Nutrient\Act;
use Ithys\Nutrient\Basin;
use Ithys\Nutrient\Lever\Algae;
use Ithys\Nutrient\Lever\Flow;
use Ithys\Nutrient\Lever\Harvest;
use Ithys\Nutrient\Lever\Mechanical;
use Ithys\Nutrient\Lever\Refit;
use Ithys\Nutrient\Lever\VesselFlow;
use Ithys\Path\Choice;
use Ithys\Path\Figure;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\System\Setup;

/** Some days over which the same tank, path and sump were there, and what of them the model needs. */
final readonly class Span
{
    /**
     * @param  array<string, array{Kind, string}>  $mechanical  kind and medium, by stage in flow order
     * @param  array<string, array{string, ?float, float}>  $lights  title, watts and hours a day over algae, by item
     * @param  array<string, float>  $flows  L/h that reach an item of the path, by its mark
     */
    private function __construct(
        /** Days from the start; before all else for the first. */
        public float $from,
        private Setup $setup,
        public Basin $basin,
        private array $mechanical,
        private array $lights,
        public array $flows,
        /** Null where no path says it. */
        public ?bool $hasSkimmer,
        /** Of the flow, that a roller gets: one that a pump feeds sees a part of it only. */
        public float $rollerShare,
    ) {
        $cultures = [];
        foreach ($lights as $item => [$title, $watts, $hours]) {
            if ($watts !== null) {
                $cultures[$item] = [$title, $watts, $hours];
            }
        }
        $this->cultures = $cultures;
    }

    /** @var array<string, array{string, float, float}> title, watts and hours a day of algae, by item */
    public array $cultures;

    /**
     * @param  non-empty-list<array{DateTimeImmutable, Setup}>  $setups  what was there from when on, the first from the
     *   beginning
     * @param  list<Entry>  $entries
     * @return non-empty-list<self> in order of time
     *
     * @throws Missing where a tank has no water
     */
    public static function all(
        array $setups,
        array $entries,
        DateTimeImmutable $from,
        Assumptions $assumptions,
    ): array {
        $spans = [];
        foreach ($setups as $n => [$since, $setup]) {
            $next = $setups[$n + 1][0] ?? null;
            if ($next !== null && $next <= $from) {
                continue;
            }
            $day = ($since->getTimestamp() - $from->getTimestamp()) / 86_400;
            $begins = $spans === [] || $day <= 0 ? Act::BEFORE : (float) $day;
            if (($spans[count($spans) - 1]->from ?? null) === $begins) {
                // What stood for no time at all stood never.
                array_pop($spans);
            }
            $spans[] = self::of($begins, $setup, $entries, $assumptions);
        }

        return $spans === [] ? throw Missing::water() : $spans;
    }

    /**
     * Net water volume at the end.
     *
     * @param  non-empty-list<array{DateTimeImmutable, Setup}>  $setups
     */
    public static function litresOf(array $setups): float
    {
        return $setups[count($setups) - 1][1]->workingVolume()->litres;
    }

    /** @param  non-empty-list<self>  $spans  in order of time */
    public static function on(array $spans, float $day): self
    {
        $there = $spans[0];
        foreach ($spans as $span) {
            $there = $span->from <= $day ? $span : $there;
        }

        return $there;
    }

    /** @return array<string, Kind> what catches particles, by stage */
    public function stages(): array
    {
        return array_map(static fn (array $each): Kind => $each[0], $this->mechanical);
    }

    /** @return list<string> titles of algae whose light has no watts */
    public function unlit(): array
    {
        return array_values(array_map(
            static fn (array $light): string => $light[0],
            array_diff_key($this->lights, $this->cultures),
        ));
    }

    /** @return list<Act> what turns the span before it into this one */
    public function acts(?self $before, Assumptions $assumptions): array
    {
        $acts = [];
        if ($before !== null && $before->basin != $this->basin) {
            $acts[] = new Act($this->from, new Refit($this->basin));
        }
        $flow = $this->setup->litresPerHour();
        $within = $this->setup->tank->circulationLitresPerHour;
        if ($flow !== null || $within !== null) {
            $acts[] = new Act($this->from, new Flow(
                $flow === null ? null : $flow->value / $this->basin->litres,
                $within === null ? null : $within / $this->basin->litres,
            ));
        }
        foreach (array_diff_key($before->mechanical ?? [], $this->mechanical) as $stage => $gone) {
            $acts[] = new Act($this->from, new Mechanical((string) $stage, null));
        }
        foreach ($this->mechanical as $stage => [$kind, $medium]) {
            $share = $kind === Kind::Roller ? $this->rollerShare : 1.0;
            $was = $before?->mechanical[$stage] ?? null;
            if ($was === null || $was[1] !== $medium || $kind === Kind::Roller && $before->rollerShare !== $share) {
                $acts[] = new Act($this->from, new Mechanical((string) $stage, $medium, $share));
            }
        }
        foreach ($before->flows ?? [] as $vessel => $was) {
            $is = $this->flows[$vessel] ?? null;
            if ($is !== $was) {
                $acts[] = new Act($this->from, new VesselFlow((string) $vessel, $is));
            }
        }
        foreach (array_diff_key($before->cultures ?? [], $this->cultures) as $culture => $gone) {
            $acts[] = new Act($this->from, new Harvest((string) $culture, share: 1.0));
            $acts[] = new Act($this->from, new Algae((string) $culture, 0.0));
        }
        foreach ($this->cultures as $culture => [, $watts, $hours]) {
            $was = $before?->cultures[$culture] ?? null;
            if ($was === null || $was[1] !== $watts) {
                // A culture is moved in at half of what its light carries; a stronger light finds it as it is.
                $start = $was === null
                    ? $assumptions->value('algae-start') * $assumptions->value('algae-g-per-watt') * $watts
                    : 0.0;
                $acts[] = new Act($this->from, new Algae((string) $culture, $watts, $hours, addGrams: $start));
            }
        }

        return $acts;
    }

    /**
     * @param  list<Entry>  $entries
     *
     * @throws Missing where the tank has no water
     */
    private static function of(float $from, Setup $setup, array $entries, Assumptions $assumptions): self
    {
        $litres = $setup->workingVolume()->litres;
        if ($litres <= 0.0) {
            throw Missing::water();
        }
        $turnover = ($setup->litresPerHour()->value ?? 0.0) / $litres;
        $lights = [];
        foreach ($setup->path?->items() ?? [] as $item) {
            if ($item->kind->isAlgae()) {
                $lights[$item->id] = [$item->title(), $item->figure(Figure::Watts), $item->hours($assumptions)];
            }
        }

        return new self(
            $from,
            $setup,
            new Basin(
                $litres,
                $setup->tank->ground->rockKg,
                $setup->tank->ground->sandKg,
                $turnover > 0.0 ? $turnover : Basin::TURNOVER,
            ),
            self::mechanical($setup, $entries),
            $lights,
            self::flows($setup),
            $setup->path === null ? null : $setup->path->itemsOf(Kind::Skimmer) !== [],
            self::rollerShare($setup, $assumptions),
        );
    }

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
        $flows = [];
        foreach ($here?->path->items() ?? [] as $item) {
            $flow = $here?->course->flowAt($item);
            if ($flow !== null && $flow > 0.0) {
                $flows[$item->id] = $flow;
            }
        }

        return $flows;
    }

    /**
     * @param  list<Entry>  $entries
     * @return array<string, array{Kind, string}>
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
}
