<?php

declare(strict_types=1);

namespace Ithys\Learning\Ledger;

use Ithys\History\Timeline\Observed;
use Ithys\History\Timeline\Timeline;
use Ithys\Learning\Fit;
use Ithys\Nutrient\Balance;
use Ithys\Nutrient\Element;
use Ithys\Nutrient\InvalidLever;

/** Where nitrogen and phosphorus came from and went in some weeks, beside what the readings say. */
final readonly class Ledger
{
    /** Readings at either end of the time whose mean stands for the level there. */
    private const AT_AN_END = 3;

    /** Label, lines of the balance, origin, the assumption that matters most, and a word of its entries. */
    private const IN = [
        'fed' => ['Food', ['fed'], Origin::Logged, 'food-pellet-protein', 'Fed'],
        'new_water' => ['New salt water', ['new_water'], Origin::Logged, 'new-no3', 'Water change'],
        'top_off' => ['Top-off water', ['top_off'], Origin::Modelled, 'topoff-no3', null],
        'refit' => ['With water and rock added', ['refit'], Origin::Modelled, null, null],
        'algae_added' => ['Algae put in', ['algae_added'], Origin::Modelled, 'algae-start', null],
    ];

    private const OUT = [
        'retained' => ['Growth of what eats', ['retained'], Origin::Modelled, 'retained-n', 'Fed'],
        'caught' => ['Sock, pad and roller', ['changed', 'rolled'], Origin::Modelled, 'catch-felt-coarse', 'changed'],
        'skimmed' => ['Skimmer', ['skimmed', 'bacteria'], Origin::Modelled, 'skimmer-share', 'Skimmer'],
        'siphoned' => ['Siphoned', ['siphoned'], Origin::Modelled, 'settled-decay', 'sand'],
        'harvested' => ['Algae harvested', ['harvested'], Origin::Logged, 'algae-n', 'harvested'],
        'water' => ['Water changes', ['water'], Origin::Logged, 'new-no3', 'Water change'],
        'media' => ['Phosphate media', ['media'], Origin::Modelled, 'gfo-most', 'GFO'],
        'adsorbed' => ['Carbon and resin', ['adsorbed'], Origin::Modelled, 'activated-carbon-most', 'carbon'],
        'lanthanum' => ['Lanthanum', ['lanthanum'], Origin::Logged, 'lanthanum-efficiency', 'Lanthanum'],
        'denitrified' => ['Gas from rock and sand', ['denitrified'], Origin::Modelled, 'denitrification', null],
        'background' => ['Taken up by all else', ['background'], Origin::Modelled, 'background-no3', null],
    ];

    /** Ways out that nobody steers. */
    private const OF_ITSELF = ['retained', 'background', 'denitrified'];

    private const STORES = [
        'solids' => ['On socks and on the ground', ['held', 'settled'], 'held-decay'],
        'organic' => ['Dissolved organics', ['organic', 'bacteria'], 'mineralisation'],
        'inorganic' => ['In the water', ['inorganic'], null],
        'algae' => ['Algae that grow', ['algae'], 'algae-growth'],
        'rock' => ['On rock and sand', ['rock'], 'rock-capacity'],
    ];

    /**
     * @param  list<LedgerLine>  $in
     * @param  list<LedgerLine>  $out
     * @param  list<LedgerLine>  $stores
     * @param  array{?float, ?float}  $unexplained  mg a week that the water gained beyond the model; null where too
     *   little was read
     * @param  array{float, float}  $inWater  mg in the water on average
     */
    private function __construct(
        public float $weeks,
        public float $litres,
        public array $in,
        public array $out,
        public array $stores,
        public array $unexplained,
        public array $inWater,
    ) {
    }

    /** @throws InvalidLever */
    public static function of(Timeline $timeline, ?Fit $fit, float $weeks): self
    {
        $end = $timeline->day($timeline->to);

        return self::between($timeline, $fit, $end - 7 * $weeks, $end);
    }

    /**
     * @param  float  $begin  day, and that up to which it is told; what is not known is left out
     *
     * @throws InvalidLever
     */
    public static function between(Timeline $timeline, ?Fit $fit, float $begin, float $end): self
    {
        $end = min($end, $timeline->day($timeline->to));
        $begin = max(0.0, $begin);
        $weeks = max(1 / 7, ($end - $begin) / 7);
        $simulation = $timeline->simulation($fit?->parameters($timeline), $fit?->start($timeline));
        $off = ['no3' => [], 'po4' => []];
        $first = null;
        foreach ($timeline->read->observed as $one) {
            if ($one->day < $begin || $one->day > $end) {
                continue;
            }
            $first ??= $simulation->at($begin);
            $off[$one->parameter->value][] = $one->level
                - $simulation->before(max($begin, $one->day))->level(self::element($one));
        }
        $first ??= $simulation->at($begin);
        $last = $simulation->at($end);
        $change = $last->balance->since($first->balance);
        $litres = $timeline->litres();

        return new self(
            $weeks,
            $litres,
            self::lines(self::IN, $change->in, $weeks),
            self::lines(self::OUT, $change->out, $weeks),
            self::stores($change, $weeks),
            [
                self::unexplained($off['no3'], Element::Nitrogen, $litres, $weeks),
                self::unexplained($off['po4'], Element::Phosphorus, $litres, $weeks),
            ],
            [
                ($first->plant->inorganic[0] + $last->plant->inorganic[0]) / 2,
                ($first->plant->inorganic[1] + $last->plant->inorganic[1]) / 2,
            ],
        );
    }

    /** mg a week that came in. */
    public function broughtIn(Element $element): float
    {
        return array_sum(array_map(static fn (LedgerLine $line): float => $line->of($element), $this->in));
    }

    /** The greatest way out of those that can be steered. */
    public function greatest(Element $element): ?LedgerLine
    {
        $steered = array_filter(
            $this->out,
            static fn (LedgerLine $line): bool => ! in_array($line->key, self::OF_ITSELF, true),
        );
        usort($steered, static fn (LedgerLine $a, LedgerLine $b): int => $b->of($element) <=> $a->of($element));

        return ($steered[0] ?? null)?->of($element) > 0.0 ? $steered[0] : null;
    }

    /** The share of the water that would have to be changed a week to take out as much; null where it is not enough. */
    public function asWaterChange(LedgerLine $line, Element $element): ?float
    {
        $there = $this->inWater[$element === Element::Nitrogen ? 0 : 1];
        $share = $there > 0.0 ? $line->of($element) / $there : INF;

        return $share <= 1.0 ? $share : null;
    }

    /** ppm of the ion in this tank that so many mg of an element make. */
    public function ppm(float $milligrams, Element $element): float
    {
        return $element->ion() * $milligrams / $this->litres;
    }

    private static function element(Observed $one): Element
    {
        return $one->parameter === Element::Nitrogen->parameter() ? Element::Nitrogen : Element::Phosphorus;
    }

    /**
     * @param  array<string, array{string, list<string>, Origin, ?string, ?string}>  $wanted
     * @param  array<string, array{float, float}>  $lines  mg in all
     * @return list<LedgerLine>
     */
    private static function lines(array $wanted, array $lines, float $weeks): array
    {
        return array_values(array_filter(array_map(
            static fn (string $key, array $one): LedgerLine => new LedgerLine(
                $key,
                $one[0],
                self::sum($one[1], $lines, $weeks),
                $one[2],
                $one[3],
                $one[4],
            ),
            array_keys($wanted),
            $wanted,
        ), static fn (LedgerLine $line): bool => max(array_map(abs(...), $line->perWeek)) > 1e-9));
    }

    /** @return list<LedgerLine> */
    private static function stores(Balance $change, float $weeks): array
    {
        return array_map(
            static fn (string $key, array $one): LedgerLine => new LedgerLine(
                $key,
                $one[0],
                self::sum($one[1], $change->stores, $weeks),
                Origin::Modelled,
                $one[2],
            ),
            array_keys(self::STORES),
            self::STORES,
        );
    }

    /**
     * @param  list<string>  $names
     * @param  array<string, array{float, float}>  $lines
     * @return array{float, float} mg a week
     */
    private static function sum(array $names, array $lines, float $weeks): array
    {
        [$n, $p] = [0.0, 0.0];
        foreach ($names as $name) {
            $n += $lines[$name][0] / $weeks;
            $p += $lines[$name][1] / $weeks;
        }

        return [$n, $p];
    }

    /**
     * @param  list<float>  $off  readings less the model, ppm, in order of time
     * @return ?float mg a week
     */
    private static function unexplained(array $off, Element $element, float $litres, float $weeks): ?float
    {
        if (count($off) < 2 * self::AT_AN_END) {
            return null;
        }
        $mean = static fn (array $some): float => array_sum($some) / count($some);
        $grown = $mean(array_slice($off, -self::AT_AN_END)) - $mean(array_slice($off, 0, self::AT_AN_END));

        return $grown * $litres / $element->ion() / $weeks;
    }
}
