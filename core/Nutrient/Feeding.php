<?php

declare(strict_types=1);

namespace Ithys\Nutrient;

/** What comes in by hand, as it stands: food by schedule, by meal and with the stock; organic carbon. */
final class Feeding
{
    /** A meal and a dose reach the water over so many days. */
    private const SPREAD = 1.0;

    private const WEEK = 7.0;

    /** Days within which two things are at one moment: a meal ends as the next begins, but for rounding. */
    public const AT_ONCE = 1e-9;

    /** @var array{float, float} mg N and P a day by the schedule, as its stock was when it was set */
    private array $scheduled = [0.0, 0.0];

    private bool $growsWithStock = false;

    private float $scheduledOn = -INF;

    private float $stockThen = 0.0;

    /** @var ?array{float, float, float} g, growth a week and the day from which it counts */
    private ?array $stock = null;

    /** @var list<array{float, float}> end and factor */
    private array $exceptions = [];

    /** @var list<array{float, float, float, float}> end, mg N, P and organic C a day */
    private array $spreads = [];

    /** @var array<string, float> mg C a day, by source */
    private array $dosed = [];

    public function __construct(private readonly Parameters $parameters)
    {
    }

    /**
     * @param  array<string, float>  $grams  a day, by food
     *
     * @throws InvalidLever
     */
    public function schedule(array $grams, bool $growsWithStock, float $day): void
    {
        $this->scheduled = [0.0, 0.0];
        foreach ($grams as $name => $each) {
            $food = Food::of($name, $this->parameters);
            $this->scheduled[0] += $each * $food->nitrogen;
            $this->scheduled[1] += $each * $food->phosphorus;
        }
        $this->growsWithStock = $growsWithStock;
        $this->scheduledOn = $day;
        $this->stockThen = $this->stockOn($day);
    }

    /** @throws InvalidLever */
    public function meal(string $name, float $grams, float $day): void
    {
        $food = Food::of($name, $this->parameters);
        $this->spreads[] = [
            $day + self::SPREAD,
            $grams * $food->nitrogen / self::SPREAD,
            $grams * $food->phosphorus / self::SPREAD,
            0.0,
        ];
    }

    public function exception(float $days, float $times, float $day): void
    {
        $this->exceptions[] = [$day + $days, $times];
    }

    public function stock(float $grams, float $growthPerWeek, float $day): void
    {
        $this->stock = [$grams, $growthPerWeek, $day];
        if ($this->scheduledOn === $day) {
            $this->stockThen = $grams;
        }
    }

    /** @throws InvalidLever */
    public function doses(string $source, float $millilitresPerDay): void
    {
        $this->dosed[$source] = $millilitresPerDay * $this->carbon($source);
    }

    /** @throws InvalidLever */
    public function dose(string $source, float $millilitres, float $day): void
    {
        $this->spreads[] = [
            $day + self::SPREAD,
            0.0,
            0.0,
            $millilitres * $this->carbon($source) / self::SPREAD,
        ];
    }

    /** @return array{float, float, float} mg N, P and organic C a day from that day on, until {@see next()} */
    public function perDay(float $day): array
    {
        $this->exceptions = array_values(array_filter(
            $this->exceptions,
            static fn (array $one): bool => $one[0] > $day + self::AT_ONCE,
        ));
        $this->spreads = array_values(array_filter(
            $this->spreads,
            static fn (array $one): bool => $one[0] > $day + self::AT_ONCE,
        ));
        $times = $this->growth($day);
        foreach ($this->exceptions as [, $each]) {
            $times *= $each;
        }
        $sum = [$times * $this->scheduled[0], $times * $this->scheduled[1], array_sum($this->dosed)];
        foreach ($this->spreads as [, $n, $p, $c]) {
            $sum[0] += $n;
            $sum[1] += $p;
            $sum[2] += $c;
        }

        return [
            $this->parameters->value('input_factor_n') * $sum[0],
            $this->parameters->value('input_factor_p') * $sum[1],
            $sum[2],
        ];
    }

    /** The next day on which that changes by itself. */
    public function next(float $day): float
    {
        $ends = array_filter(
            [...array_column($this->exceptions, 0), ...array_column($this->spreads, 0)],
            static fn (float $end): bool => $end > $day + self::AT_ONCE,
        );
        if ($this->growsWithStock && $this->stock !== null && $this->stock[1] !== 0.0) {
            $ends[] = $this->stock[2] + self::WEEK * ($this->weeks($day) + 1);
        }

        return $ends === [] ? INF : min($ends);
    }

    private function growth(float $day): float
    {
        return $this->growsWithStock && $this->stockThen > 0.0 ? $this->stockOn($day) / $this->stockThen : 1.0;
    }

    private function stockOn(float $day): float
    {
        return $this->stock === null ? 0.0 : $this->stock[0] * (1 + $this->stock[1]) ** $this->weeks($day);
    }

    /** Whole weeks that the stock has grown for; a day that rounding leaves just before the end of one is its end. */
    private function weeks(float $day): float
    {
        return floor(($day - ($this->stock[2] ?? $day) + self::AT_ONCE) / self::WEEK);
    }

    /** @throws InvalidLever */
    private function carbon(string $source): float
    {
        return ($this->parameters->row('carbon_mg_per_ml', $source)
            ?? throw InvalidLever::unknown('source of organic carbon', $source))[0];
    }
}
