<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

use Ithys\Media\Uptake;

/** A tank with all that is fitted to it, as it stands; levers act on it. Pairs are nitrogen, phosphorus. */
final class Plant
{
    private const CARBON = 12.011;

    private const NITROGEN = 14.007;

    private const PHOSPHORUS = 30.973761998;

    public float $day = 0.0;

    public Feeding $feeding;

    /** @var array<string, Stage> in the order in which water meets them */
    public array $stages = [];

    /** @var array<string, Culture> */
    public array $cultures = [];

    /** @var array<string, Charge> those taken out too */
    public array $charges = [];

    public bool $skimmerOn = false;

    public float $skimmerShare;

    public float $skimmerOffHours = 0.0;

    public float $turnover;

    public float $displayTurnover;

    /** @var array{float, float} mg */
    public array $settled = [0.0, 0.0];

    /** @var array{float, float} mg */
    public array $organic = [0.0, 0.0];

    /** @var array{float, float} mg */
    public array $inorganic = [0.0, 0.0];

    /** mg of phosphorus on rock and sand. */
    public float $rock = 0.0;

    /** mg of organic carbon that bacteria have not taken up. */
    public float $carbon = 0.0;

    /** Bacteria, mg of carbon. */
    public float $bacteria = 0.0;

    /** @var array{float, float} mg in a gram of dry algae */
    public readonly array $tissue;

    /** @var array{float, float} mg of carbon for one mg in bacteria */
    public readonly array $carbonPer;

    /** @var array<string, array{float, float}> mg since the start, by line */
    public array $in = [];

    /** @var array<string, array{float, float}> mg since the start, by line */
    public array $out = [];

    public function __construct(public Basin $basin, public readonly Parameters $parameters)
    {
        $this->feeding = new Feeding($parameters);
        $this->turnover = $basin->turnover;
        $this->displayTurnover = $basin->displayTurnover;
        $this->skimmerShare = $parameters->value('skimmer_share');
        $this->tissue = [$parameters->value('algae_n'), $parameters->value('algae_p')];
        $this->carbonPer = [
            $parameters->value('bacteria_c_n_atoms') * self::CARBON / self::NITROGEN,
            $parameters->value('bacteria_c_p_atoms') * self::CARBON / self::PHOSPHORUS,
        ];
        $this->in = array_fill_keys(Balance::IN, [0.0, 0.0]);
        $this->out = array_fill_keys(Balance::OUT, [0.0, 0.0]);
    }

    public function __clone()
    {
        $this->feeding = clone $this->feeding;
        $this->stages = array_map(static fn (Stage $one): Stage => clone $one, $this->stages);
        $this->cultures = array_map(static fn (Culture $one): Culture => clone $one, $this->cultures);
        $this->charges = array_map(static fn (Charge $one): Charge => clone $one, $this->charges);
    }

    public function in(string $line, float $nitrogen, float $phosphorus): void
    {
        [$n, $p] = $this->in[$line];
        $this->in[$line] = [$n + $nitrogen, $p + $phosphorus];
    }

    public function out(string $line, float $nitrogen, float $phosphorus): void
    {
        [$n, $p] = $this->out[$line];
        $this->out[$line] = [$n + $nitrogen, $p + $phosphorus];
    }

    /** ppm of the ion. */
    public function level(Element $element): float
    {
        return $element->ion() * $this->inorganic[$element === Element::Nitrogen ? 0 : 1] / $this->basin->litres;
    }

    /** mg of phosphorus that rock and sand hold in balance with so much phosphate, ppm. */
    public function rockAt(float $phosphate): float
    {
        return $this->parameters->value('rock_capacity') * $this->ground() * max(0.0, $phosphate)
            * (max(0.0, $phosphate) + $this->parameters->value('rock_foot'))
                ** ($this->parameters->value('rock_exponent') - 1);
    }

    /** kg of rock, with sand as that. */
    public function ground(): float
    {
        return $this->basin->rockKg + $this->parameters->value('sand_as_rock') * $this->basin->sandKg;
    }

    /** How much of the organics the skimmer takes a day, of them. */
    public function skimming(): float
    {
        return $this->skimmerOn && $this->skimmerShare < 1.0
            ? $this->parameters->value('mineralisation') * $this->skimmerShare / (1 - $this->skimmerShare)
                * (1 - $this->skimmerOffHours / 24)
            : 0.0;
    }

    /** @return array<string, float> share of all particles that each stage catches before they settle */
    public function catching(): array
    {
        $value = $this->parameters->value(...);
        $settling = $value('settling') * ($value('display_reference') / max(1e-9, $this->displayTurnover))
            ** $value('display_exponent') * ($this->basin->bareBottom ? $value('bare_bottom_factor') : 1.0);
        $settling = min($value('settling_max'), max($value('settling_min'), $settling));
        $turnover = 24 * $this->turnover;
        $caught = array_map(static fn (): float => 0.0, $this->stages);
        foreach ([$value('coarse_share'), 1 - $value('coarse_share')] as $size => $weight) {
            $passing = 1.0;
            $each = [];
            foreach ($this->stages as $name => $stage) {
                $row = $stage->medium === null ? null : $this->parameters->row('catch', $stage->medium);
                $catches = ($row[$size] ?? 0.0) * $stage->shareOfFlow * $stage->clogged;
                $each[$name] = $catches * $passing;
                $passing *= 1 - $catches;
            }
            $all = array_sum($each) * $turnover + $settling;
            foreach ($each as $name => $share) {
                $caught[$name] += $weight * $share * $turnover / $all;
            }
        }

        return $caught;
    }

    /** L a day that a charge clears at the most, by its vessel's flow and what shares it. */
    public function clearing(Charge $charge): float
    {
        $together = 0.0;
        foreach ($this->charges as $other) {
            $together += $other->isIn && $other->vessel === $charge->vessel ? $other->figures[2] * $other->grams : 0.0;
        }
        $flow = 24 * ($charge->flow ?? $this->basin->litres * ($charge->place === 'reactor' ? 1.0 : $this->turnover));

        return Uptake::clearing($charge->figures[2], $charge->grams, $together, $charge->contact, $flow);
    }

    public function isFiltered(): bool
    {
        foreach ($this->stages as $stage) {
            if ($stage->medium !== null) {
                return true;
            }
        }

        return false;
    }
}
