<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

/**
 * A time in which no lever is turned: every rate is constant. What stages hold and what has settled follow from it in
 * closed form; the rest has rates of change by {@see rates()}.
 *
 * The numbers of a state stand in this order: organic N and P, inorganic N and P, rock P; carbon and bacteria where
 * there are any; a culture each; the load of a phosphate charge each; organic N and P of each other charge. Behind the
 * rates of change stand those of what is skimmed from (organic N and P), the background (N and P), denitrification and
 * the bacteria.
 */
final class Piece
{
    public const LINES = 6;

    /** @var array{float, float, float} mg N, P and organic C a day */
    public readonly array $fed;

    /** @var array{float, float} mg a day with top-off water */
    public readonly array $topOff;

    public readonly float $skimming;

    public readonly float $washing;

    /** How many numbers a state has. */
    public readonly int $size;

    public bool $hasCarbon;

    /**
     * @var list<array{name: string, rate: float, inflow: array{float, float}, held: array{float, float}, roll: float}>
     */
    public array $stages;

    /** @var array{float, float} mg a day that settle */
    private array $settling;

    private float $settledDecay;

    /** @var array{float, float} mg that have settled at the start of the piece */
    private array $settled;

    /** @var list<array{float, float, float}> rate and amplitudes of what decays into the organics */
    private array $decays;

    /** @var array{float, float} mg a day that come to the organics at rest */
    private array $rest;

    /** @var list<string> */
    public array $cultures;

    /** @var list<string> charges that bind phosphate, then those that take organics */
    public array $binders;

    /** @var list<string> */
    public array $adsorbers;

    private float $km;

    private float $loss;

    private float $perN;

    private float $perP;

    private float $exN;

    private float $exP;

    private float $bgN;

    private float $bgP;

    private float $bgHalfN;

    private float $bgHalfP;

    private float $gas;

    private float $gasHalf;

    private float $rockRate;

    private float $rockMost;

    private float $rockFoot;

    private float $rockBend;

    private float $algaeHalfN;

    private float $algaeHalfP;

    private float $algaeLoss;

    private float $tissueN;

    private float $tissueP;

    /** @var list<array{float, float}> growth a day and most g dry */
    private array $light = [];

    /** @var list<array{float, float, float, float}> clearing, pores, most mg, affinity */
    private array $binding = [];

    /** @var list<array{float, float}> clearing of water, most mg N */
    private array $adsorbing = [];

    private float $uptake;

    private float $unused;

    private float $yield;

    private float $halfN;

    private float $halfP;

    private float $lysis;

    private float $hN;

    private float $hP;

    private float $dosed;

    private float $ionP;

    public function __construct(public readonly Plant $plant, public readonly float $from, public readonly float $to)
    {
        $value = $plant->parameters->value(...);
        $this->fed = $plant->feeding->perDay($from);
        $litres = $plant->basin->litres;
        $this->ionP = Element::Phosphorus->ion();
        [$this->perN, $this->perP] = [Element::Nitrogen->ion() / $litres, $this->ionP / $litres];
        $topOff = $plant->basin->topOffLitresPerDay;
        $this->topOff = [
            $topOff * $value('topoff_no3') / Element::Nitrogen->ion(),
            $topOff * $value('topoff_po4') / $this->ionP,
        ];
        $this->exN = $value('excreted_n') * $this->fed[0] + $this->topOff[0];
        $this->exP = $value('excreted_p') * $this->fed[1] + $this->topOff[1];
        $this->skimming = $plant->skimming();
        $this->km = $value('mineralisation');
        $this->loss = $this->km + $this->skimming;
        $this->washing = $this->skimming + ($plant->isFiltered() ? $value('bacteria_filtered') : 0.0);
        $this->solids($value);
        $this->bgHalfN = $value('background_half_no3');
        $this->bgHalfP = $value('background_half_po4');
        $this->bgN = $value('background_no3') / $this->perN;
        $this->bgP = $value('background_po4') / $this->perP;
        $this->gas = $value('denitrification') * $plant->ground();
        $this->gasHalf = $value('denitrification_half_no3');
        $this->rockRate = $value('rock_rate');
        $this->rockMost = $value('rock_capacity') * $plant->ground();
        $this->rockFoot = $value('rock_foot');
        $this->rockBend = $value('rock_exponent') - 1;
        $this->organisms($value);
        $this->media($value);
        $this->size = ($this->hasCarbon ? 7 : 5) + count($this->cultures) + count($this->binders)
            + 2 * count($this->adsorbers);
    }

    /** @param  callable(string): float  $value */
    private function solids(callable $value): void
    {
        $part = [$value('particulate_n') * $this->fed[0], $value('particulate_p') * $this->fed[1]];
        $decay = $value('held_decay');
        $stages = [];
        $caught = 0.0;
        foreach ($this->plant->catching() as $name => $share) {
            $stage = $this->plant->stages[$name];
            $tau = $stage->tau ?? $value('roller_tau');
            $roll = $stage->medium === 'roller' && $tau > 0.0 ? 1 / $tau : 0.0;
            $stages[] = [
                'name' => $name,
                'rate' => $decay + $roll,
                'inflow' => [$share * $part[0], $share * $part[1]],
                'held' => [$stage->nitrogen, $stage->phosphorus],
                'roll' => $roll,
            ];
            $caught += $share;
        }
        $this->stages = $stages;
        $this->settling = [(1 - $caught) * $part[0], (1 - $caught) * $part[1]];
        $this->settledDecay = $value('settled_decay');
        $this->settled = $this->plant->settled;
        $this->rest = [$value('leached_n') * $this->fed[0], $value('leached_p') * $this->fed[1]];
        $decays = [];
        $pools = [
            ...array_map(
                static fn (array $one): array => [$one['rate'], $decay, $one['inflow'], $one['held']],
                $stages,
            ),
            [$this->settledDecay, $this->settledDecay, $this->settling, $this->settled],
        ];
        foreach ($pools as [$rate, $share, $inflow, $there]) {
            if ($share > 0.0) {
                $key = (string) $rate;
                $decays[$key] ??= [$rate, 0.0, 0.0];
                foreach ([0, 1] as $x) {
                    $this->rest[$x] += $share * $inflow[$x] / $rate;
                    $decays[$key][$x + 1] += $share * ($there[$x] - $inflow[$x] / $rate);
                }
            }
        }
        $this->decays = array_values($decays);
    }

    /** @param  callable(string): float  $value */
    private function organisms(callable $value): void
    {
        $this->algaeHalfN = $value('algae_half_no3');
        $this->algaeHalfP = $value('algae_half_po4');
        $this->algaeLoss = $value('algae_loss');
        [$this->tissueN, $this->tissueP] = $this->plant->tissue;
        foreach ($this->plant->cultures as $culture) {
            $light = $culture->hours / 24 * $culture->daysPerWeek / 7 * $culture->dim;
            $this->light[] = [$value('algae_growth') * $light, $value('algae_g_per_watt') * $culture->watts];
        }
        $this->cultures = array_map(strval(...), array_keys($this->plant->cultures));
        $this->hasCarbon = $this->fed[2] > 0.0 || $this->plant->carbon > 0.0 || $this->plant->bacteria > 0.0;
        $this->dosed = $this->fed[2];
        $this->uptake = $value('carbon_uptake');
        $this->unused = $value('carbon_loss');
        $this->yield = $value('bacteria_yield');
        $this->halfN = $value('bacteria_half_no3');
        $this->halfP = $value('bacteria_half_po4');
        $this->lysis = $value('bacteria_lysis');
        [$this->hN, $this->hP] = $this->plant->carbonPer;
    }

    /** @param  callable(string): float  $value */
    private function media(callable $value): void
    {
        $binders = $adsorbers = [];
        foreach ($this->plant->charges as $name => $charge) {
            if ($charge->isIn && $charge->bindsPhosphate()) {
                $binders[] = (string) $name;
                $this->binding[] = [
                    $this->plant->clearing($charge),
                    $charge->figures[3],
                    $charge->grams * $charge->figures[0],
                    $charge->figures[1],
                ];
            } elseif ($charge->isIn && $charge->takesOrganics()) {
                $adsorbers[] = (string) $name;
                $this->adsorbing[] = [
                    $charge->figures[4] * $charge->contact * $charge->grams / $this->plant->basin->litres,
                    max(1e-12, $charge->figures[5] * $charge->grams),
                ];
            }
        }
        [$this->binders, $this->adsorbers] = [$binders, $adsorbers];
    }

    /** @return array{array{float, float}, array{float, float}} what has settled and the organics, at rest */
    public function atRest(): array
    {
        $settled = $organic = [0.0, 0.0];
        foreach ([0, 1] as $x) {
            $settled[$x] = $this->settledDecay > 0.0 ? $this->settling[$x] / $this->settledDecay : 0.0;
            $leached = $this->plant->parameters->value($x === 0 ? 'leached_n' : 'leached_p') * $this->fed[$x];
            $organic[$x] = $this->loss > 0.0
                ? ($this->settledDecay * $settled[$x] + $leached) / $this->loss
                : 0.0;
        }

        return [$settled, $organic];
    }

    /** @return list<float> the state of the plant as it stands */
    public function state(): array
    {
        $plant = $this->plant;
        $y = [...$plant->organic, ...$plant->inorganic, $plant->rock];
        if ($this->hasCarbon) {
            array_push($y, $plant->carbon, $plant->bacteria);
        }
        foreach ($this->cultures as $name) {
            $y[] = $plant->cultures[$name]->grams;
        }
        foreach ($this->binders as $name) {
            $y[] = $plant->charges[$name]->load;
        }
        foreach ($this->adsorbers as $name) {
            array_push($y, $plant->charges[$name]->nitrogen, $plant->charges[$name]->phosphorus);
        }

        return $y;
    }

    /** @return array{float, float} mg a day that come to the organics from food, stages and the ground */
    public function forcing(float $day): array
    {
        [$n, $p] = $this->rest;
        foreach ($this->decays as [$rate, $ofN, $ofP]) {
            $left = exp(-$rate * ($day - $this->from));
            $n += $ofN * $left;
            $p += $ofP * $left;
        }

        return [$n, $p];
    }

    /** @return array{float, float} the same summed over some days, mg */
    public function forced(float $from, float $days): array
    {
        [$n, $p] = [$this->rest[0] * $days, $this->rest[1] * $days];
        foreach ($this->decays as [$rate, $ofN, $ofP]) {
            $left = exp(-$rate * ($from - $this->from)) * -expm1(-$rate * $days) / $rate;
            $n += $ofN * $left;
            $p += $ofP * $left;
        }

        return [$n, $p];
    }

    /**
     * Rates of change a day, then those of the lines.
     *
     * @param  array<int, float>  $y  a state
     * @return array<int, float>
     */
    public function rates(array $y, float $forcedN, float $forcedP): array
    {
        $oN = $y[0];
        $oP = $y[1];
        $cN = $this->perN * $y[2];
        $cP = $this->perP * $y[3];
        $cN = $cN > 0.0 ? $cN : 0.0;
        $cP = $cP > 0.0 ? $cP : 0.0;
        $uN = $this->bgN * $cN / ($cN + $this->bgHalfN);
        $uP = $this->bgP * $cP / ($cP + $this->bgHalfP);
        $gas = $this->gas * $cN / ($cN + $this->gasHalf);
        $rock = $this->rockMost > 0.0
            ? $this->rockRate * ($this->rockMost * $cP * ($cP + $this->rockFoot) ** $this->rockBend - $y[4])
            : -$this->rockRate * $y[4];
        $dON = $forcedN - $this->loss * $oN;
        $dOP = $forcedP - $this->loss * $oP;
        $dIN = $this->exN + $this->km * $oN - $uN - $gas;
        $dIP = $this->exP + $this->km * $oP - $uP - $rock;
        $at = 5;
        $more = [];
        $h = 0.0;
        if ($this->hasCarbon) {
            $s = $y[5];
            $h = $y[6];
            $at = 7;
            $fromN = $cN / ($cN + $this->halfN);
            $fromP = $cP / ($cP + $this->halfP);
            $r = $this->uptake * $s * ($fromN < $fromP ? $fromN : $fromP);
            $grown = $this->yield * $r;
            $dead = $this->lysis * $h;
            $more[] = $this->dosed - $r - $this->unused * $s;
            $more[] = $grown - $dead - $this->washing * $h;
            $dIN -= $grown / $this->hN;
            $dIP -= $grown / $this->hP;
            $dON += $dead / $this->hN;
            $dOP += $dead / $this->hP;
        }
        if ($this->light !== []) {
            $fromN = $cN / ($cN + $this->algaeHalfN);
            $fromP = $cP / ($cP + $this->algaeHalfP);
            $least = $fromN < $fromP ? $fromN : $fromP;
            foreach ($this->light as [$growth, $most]) {
                $b = $y[$at++];
                $g = $most > 0.0 && $b < $most ? $growth * $b * (1 - $b / $most) * $least : 0.0;
                $dead = $this->algaeLoss * $b;
                $more[] = $g - $dead;
                $dIN -= $this->tissueN * $g;
                $dIP -= $this->tissueP * $g;
                $dON += $this->tissueN * $dead;
                $dOP += $this->tissueP * $dead;
            }
        }
        foreach ($this->binding as [$clearing, $pores, $most, $affinity]) {
            $a = $clearing * $cP;
            $b = $pores * ($most * $affinity * $cP / (1 + $affinity * $cP) - $y[$at++]);
            $sum = $a * $a + $b * $b;
            $w = $sum > 0.0 ? $a * $b / sqrt($sum) : 0.0;
            $more[] = $w;
            $dIP -= $w / $this->ionP;
        }
        foreach ($this->adsorbing as [$clearing, $most]) {
            $free = 1 - $y[$at] / $most;
            $at += 2;
            $kappa = $free > 0.0 ? $clearing * $free : 0.0;
            $more[] = $kappa * $oN;
            $more[] = $kappa * $oP;
            $dON -= $kappa * $oN;
            $dOP -= $kappa * $oP;
        }

        return [$dON, $dOP, $dIN, $dIP, $rock, ...$more, $oN, $oP, $uN, $uP, $gas, $h];
    }

    /**
     * Brings a plant to a moment of the piece.
     *
     * @param  array<int, float>  $y  the state then
     * @param  array<int, float>  $lines  summed over the piece so far
     */
    public function settle(Plant $plant, float $day, array $y, array $lines): void
    {
        $days = $day - $this->from;
        $plant->day = $day;
        [$plant->organic, $plant->inorganic, $plant->rock] = [[$y[0], $y[1]], [$y[2], $y[3]], $y[4]];
        $at = 5;
        if ($this->hasCarbon) {
            [$plant->carbon, $plant->bacteria, $at] = [$y[5], $y[6], 7];
        }
        foreach ($this->cultures as $name) {
            $plant->cultures[$name]->grams = $y[$at++];
        }
        foreach ($this->binders as $name) {
            $plant->charges[$name]->load = $y[$at++];
        }
        foreach ($this->adsorbers as $name) {
            $plant->charges[$name]->nitrogen = $y[$at++];
            $plant->charges[$name]->phosphorus = $y[$at++];
        }
        foreach ($this->stages as $one) {
            $held = $rolled = [0.0, 0.0];
            foreach ([0, 1] as $x) {
                [$held[$x], $sum] = self::pool($one['rate'], $one['inflow'][$x], $one['held'][$x], $days);
                $rolled[$x] = $one['roll'] * $sum;
            }
            $stage = $plant->stages[$one['name']];
            [$stage->nitrogen, $stage->phosphorus] = $held;
            $plant->out('rolled', ...$rolled);
        }
        foreach ([0, 1] as $x) {
            $plant->settled[$x] = self::pool($this->settledDecay, $this->settling[$x], $this->settled[$x], $days)[0];
        }
        $retained = $this->plant->parameters->value(...);
        $plant->in('fed', $days * $this->fed[0], $days * $this->fed[1]);
        $plant->in('top_off', $days * $this->topOff[0], $days * $this->topOff[1]);
        $plant->out(
            'retained',
            $retained('retained_n') * $days * $this->fed[0],
            $retained('retained_p') * $days * $this->fed[1],
        );
        $plant->out('skimmed', $this->skimming * $lines[0], $this->skimming * $lines[1]);
        $plant->out('background', $lines[2], $lines[3]);
        $plant->out('denitrified', $lines[4], 0.0);
        $plant->out('bacteria', $this->washing * $lines[5] / $this->hN, $this->washing * $lines[5] / $this->hP);
    }

    /** @return array{float, float} what is in a pool with a steady inflow after some days, and its sum over them */
    private static function pool(float $rate, float $inflow, float $there, float $days): array
    {
        if ($rate <= 0.0) {
            return [$there + $inflow * $days, $there * $days + $inflow * $days ** 2 / 2];
        }
        $gone = -expm1(-$rate * $days);

        return [
            $there + ($inflow / $rate - $there) * $gone,
            $inflow / $rate * $days + ($there - $inflow / $rate) * $gone / $rate,
        ];
    }
}
