<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

/** What came in, went out and is there, mg since a start; pairs are nitrogen, phosphorus. */
final readonly class Balance
{
    public const IN = ['fed', 'new_water', 'top_off', 'algae_added', 'refit'];

    public const OUT = [
        'retained', 'changed', 'rolled', 'skimmed', 'bacteria', 'siphoned', 'harvested', 'adsorbed', 'water',
        'background', 'denitrified', 'media', 'lanthanum',
    ];

    public const STORES = ['held', 'settled', 'organic', 'inorganic', 'algae', 'bacteria', 'rock'];

    /**
     * @param  array<string, array{float, float}>  $in  by line
     * @param  array<string, array{float, float}>  $out  by line
     * @param  array<string, array{float, float}>  $stores
     */
    public function __construct(public array $in, public array $out, public array $stores)
    {
    }

    public static function of(Plant $plant): self
    {
        $out = $plant->out;
        [$n, $p] = $out['adsorbed'];
        $bound = $out['media'][1];
        $held = $algae = [0.0, 0.0];
        foreach ($plant->stages as $stage) {
            $held[0] += $stage->nitrogen;
            $held[1] += $stage->phosphorus;
        }
        foreach ($plant->charges as $charge) {
            $n += $charge->nitrogen;
            $p += $charge->phosphorus;
            $bound += ($charge->load - $charge->before) / Element::Phosphorus->ion();
        }
        $out['adsorbed'] = [$n, $p];
        $out['media'] = [0.0, $bound];
        foreach ($plant->cultures as $culture) {
            $algae[0] += $plant->tissue[0] * $culture->grams;
            $algae[1] += $plant->tissue[1] * $culture->grams;
        }

        return new self($plant->in, $out, [
            'held' => $held,
            'settled' => $plant->settled,
            'organic' => $plant->organic,
            'inorganic' => $plant->inorganic,
            'algae' => $algae,
            'bacteria' => [
                $plant->bacteria / $plant->carbonPer[0],
                $plant->bacteria / $plant->carbonPer[1],
            ],
            'rock' => [0.0, $plant->rock],
        ]);
    }

    /** What happened since an earlier balance of the same run; its stores are what they changed by. */
    public function since(self $earlier): self
    {
        return new self(
            self::less($this->in, $earlier->in),
            self::less($this->out, $earlier->out),
            self::less($this->stores, $earlier->stores),
        );
    }

    /**
     * @param  array<string, array{float, float}>  $now
     * @param  array<string, array{float, float}>  $then
     * @return array<string, array{float, float}>
     */
    private static function less(array $now, array $then): array
    {
        $less = [];
        foreach ($now as $line => [$n, $p]) {
            $less[$line] = [$n - $then[$line][0], $p - $then[$line][1]];
        }

        return $less;
    }

    /** @param  array<string, array{float, float}>  $lines */
    private static function sum(array $lines, int $x): float
    {
        $sum = 0.0;
        foreach ($lines as $pair) {
            $sum += $pair[$x];
        }

        return $sum;
    }

    /** What does not close between two balances, of all that came in and is there. */
    public function gap(self $earlier, Element $element): float
    {
        $x = $element === Element::Nitrogen ? 0 : 1;
        $change = $this->since($earlier);
        $all = abs(self::sum($change->in, $x)) + abs(self::sum($change->out, $x)) + abs(self::sum($this->stores, $x));

        return $all === 0.0
            ? 0.0
            : abs(self::sum($change->in, $x) - self::sum($change->out, $x) - self::sum($change->stores, $x)) / $all;
    }
}
