<?php

declare(strict_types=1);

namespace Ithys\Care;

use Ithys\Assumption\Assumptions;
use Ithys\Path\Figure;
use Ithys\Path\Kind;
use Ithys\Path\Sizing\Power;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\System\Setup;
use Ithys\Water\Oxygen;

/**
 * How long the oxygen of a tank lasts while nothing moves its water, and what a battery has to hold.
 *
 * Saturation by {@see Oxygen}; what animals and water use is our estimate, with a range of twice and half. Nothing that
 * comes in through a still surface is counted.
 */
final readonly class PowerCut
{
    /** By so much the use may be more or less: our estimate. */
    private const RANGE = 2.0;

    private const VOLTS = 12.0;

    public const CAUTIONS = [
        'Run no generator indoors, in a garage or near a window: its fumes kill.',
        'Give every cord a drip loop, keep plugs and batteries away from water, and use residual-current protection. '
            .'Follow your local code; wiring is for a licensed electrician.',
        'Charge and vent batteries as their maker says.',
    ];

    /**
     * @param  ?array{float, float, float}  $hours  until oxygen is at the least that fish stand: likely, soonest and
     *   latest; null where it is not known what the animals weigh
     * @param  array<string, float>  $watts  of what is worth keeping on, by its name
     */
    private function __construct(
        public float $saturation,
        public float $least,
        public ?array $hours,
        public bool $hasCanister,
        public array $watts,
        private float $share,
        /** W of a generator that starts pump and heater; null where the path has no pump. */
        public ?float $generatorWatts,
    ) {
    }

    /** @param  ?float  $grams  that the animals weigh; null where nobody said */
    public static function of(Setup $setup, Assumptions $assumptions, ?float $grams): self
    {
        $water = $setup->tank->water;
        $saturation = Oxygen::saturation($water->celsius, $water->salinity);
        $least = $assumptions->value('oxygen-least');
        $litres = $setup->workingVolume()->litres;
        $perHour = $grams === null ? null : $grams * $assumptions->value('oxygen-animals')
            + $litres * $assumptions->value('oxygen-water');
        $likely = $perHour === null ? null : max(0.0, ($saturation - $least) * $litres / $perHour);
        $path = $setup->path;
        $here = $setup->situation();
        $watts = ['An air pump with a stone' => $assumptions->value('watts-air-pump')];
        [$motor, $all] = [0.0, 0.0];
        if ($here !== null) {
            $power = new Power($here);
            foreach ($here->path->itemsOf(Kind::ReturnPump, Kind::Heater) as $item) {
                $all += $power->watts($item);
                if ($item->kind === Kind::ReturnPump) {
                    $motor = max($motor, $power->watts($item));
                    $name = $item->title().($item->figure(Figure::Watts) === null ? ', estimate' : '');
                    $watts[$name] = $power->watts($item);
                }
            }
        }

        return new self(
            $saturation,
            $least,
            $likely === null ? null : [$likely, $likely / self::RANGE, $likely * self::RANGE],
            ($path?->itemsOf(Kind::CanisterBasket) ?? []) !== [],
            $watts,
            $assumptions->value('battery-usable'),
            // The largest motor starts while the others run.
            $motor > 0.0 ? $all + ($assumptions->value('generator-start') - 1) * $motor : null,
        );
    }

    /** Ah of a 12 V battery that keeps so many watts on for so long. */
    public function ampereHours(float $watts, float $hours): float
    {
        return $watts * $hours / $this->share / self::VOLTS;
    }

    /** How long the oxygen lasts, in words. */
    public function says(): Text
    {
        $hours = static fn (float $one): Quantity => Quantity::number(
            Quantity::significant($one, $one < 10 ? 1 : 2),
            $one < 1 ? 1 : 0,
        );

        return $this->hours === null
            ? Text::of('How long the oxygen lasts depends on what the animals weigh, and you have not said that yet.')
            : Text::of(
                'With nothing running, oxygen falls from {full} to {least} mg/L in about {hours} hours ({soon} to '
                    .'{late}), if no air comes in through the surface.',
                full: Quantity::number($this->saturation, 1),
                least: Quantity::number($this->least, 1),
                hours: $hours($this->hours[0]),
                soon: $hours($this->hours[1]),
                late: $hours($this->hours[2]),
            );
    }

    /** What a generator has to give; null where the path has no pump. */
    public function generator(): ?Text
    {
        return $this->generatorWatts === null ? null : Text::of(
            'For return pump and heater take a generator of {watts} W or more: a motor draws several times its power '
                .'when it starts. Outdoors only.',
            watts: Quantity::number(Quantity::significant(1.05 * $this->generatorWatts, 2)),
        );
    }

    /** What suffers first. */
    public function first(): string
    {
        return $this->hasCanister
            ? 'A sealed canister dies first: its bacteria use up the oxygen in it within the hour. Open it or keep it '
                .'running; if it stood for long, empty and rinse it before you switch it on.'
            : 'Fish and corals suffer first, for want of oxygen. Rock and an open sump last longer.';
    }
}
