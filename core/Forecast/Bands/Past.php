<?php

declare(strict_types=1);

namespace Ithys\Forecast\Bands;

use Ithys\Journal\Reading\Parameter;
use Ithys\Learning\Kit;
use Ithys\Statistics\OrnsteinUhlenbeck;

/** What was read of a nutrient up to a day, beside what the model of the tank says of it. */
final readonly class Past
{
    /** Readings over which a level is smoothed that a spread is taken at. */
    private const SMOOTHED = 5;

    /** @var list<float> variances of the kit on the scale of the nutrient */
    private array $onScale;

    /**
     * @param  list<float>  $days  from the day that is now, at most 0, in order
     * @param  list<float>  $read  ppm
     * @param  list<float>  $kit  variance of the kit at each, ppm²
     * @param  list<float>  $model  ppm
     */
    public function __construct(
        public Nutrient $nutrient,
        public array $days,
        private array $read,
        private array $kit,
        private array $model,
    ) {
        $floor = $nutrient->figure('floor');
        $this->onScale = array_map(
            static fn (float $variance, float $level): float => $variance / ($level + $floor) ** 2,
            $kit,
            $read,
        );
    }

    /**
     * @param  list<array{day: float, parameter: string, read: float, model: float, kit: float}>  $residuals
     * @param  float  $now  day
     */
    public static function of(Parameter $parameter, array $residuals, float $now): self
    {
        $mine = array_values(array_filter(
            $residuals,
            static fn (array $one): bool => $one['parameter'] === $parameter->value && $one['day'] <= $now,
        ));

        return new self(
            Nutrient::of($parameter),
            array_map(static fn (array $one): float => $one['day'] - $now, $mine),
            array_column($mine, 'read'),
            array_column($mine, 'kit'),
            array_column($mine, 'model'),
        );
    }

    public function count(): int
    {
        return count($this->days);
    }

    /** The same up to a day, as it stood then. */
    public function upTo(float $day): self
    {
        $many = count(array_filter($this->days, static fn (float $one): bool => $one <= $day));

        return new self(
            $this->nutrient,
            array_map(static fn (float $one): float => $one - $day, array_slice($this->days, 0, $many)),
            array_slice($this->read, 0, $many),
            array_slice($this->kit, 0, $many),
            array_slice($this->model, 0, $many),
        );
    }

    /** What was read, on the scale of the nutrient. */
    public function at(int $n): float
    {
        return $this->nutrient->scale($this->read[$n]);
    }

    /** By how much what was read stands off the model. */
    public function off(int $n): float
    {
        return $this->at($n) - $this->nutrient->scale($this->model[$n]);
    }

    /** Variance of the kit. */
    public function kit(int $n): float
    {
        return $this->onScale[$n];
    }

    /** The model on a day between the first reading and the last, ppm. */
    public function model(float $day): float
    {
        $next = 0;
        while ($next < $this->count() - 1 && $this->days[$next] <= $day) {
            $next++;
        }
        $before = max(0, $next - 1);
        $gap = $this->days[$next] - $this->days[$before];
        $share = $gap > 0.0 ? min(1.0, ($day - $this->days[$before]) / $gap) : 1.0;

        return $this->model[$before] + $share * ($this->model[$next] - $this->model[$before]);
    }

    /**
     * A level by the model now, drawn to the last readings.
     *
     * @param  float  $ppm  by the model
     * @param  ?array<int, float>  $factors  on the variances of the kit, by reading; 1 where none is there
     */
    public function drawn(float $ppm, ?array $factors = null): float
    {
        $parameter = $this->nutrient->parameter;
        $scales = [];
        foreach (array_keys($this->read) as $n) {
            $around = array_slice($this->read, max(0, $n - intdiv(self::SMOOTHED, 2)), self::SMOOTHED);
            $scales[] = Kit::model($parameter, array_sum($around) / count($around));
        }
        $wander = OrnsteinUhlenbeck::observed(Kit::MEMORY, $this->days, $scales, array_map(
            static fn (float $variance, int $n): float => $variance * ($factors[$n] ?? 1.0),
            $this->kit,
            array_keys($this->kit),
        ));
        $off = array_map(static fn (float $one, float $other): float => $one - $other, $this->read, $this->model);

        return max(0.0, $ppm + $wander->mean($off, 0.0) * Kit::model($parameter, $ppm));
    }

    /** Mean variance of the kit at the last few. */
    public function recentKit(int $many): float
    {
        $last = array_slice($this->onScale, -$many);

        return array_sum($last) / max(1, count($last));
    }

    /**
     * Where the level stands by the last readings, of which one that stands far off counts for little.
     *
     * @param  float  $unlogged  0 to 1, how surely something else changed of late
     */
    public function level(float $unlogged = 0.0): float
    {
        $last = array_map($this->at(...), array_keys(array_slice($this->read, -5, 5, true)));
        sort($last);
        $middle = $last[intdiv(count($last), 2)];
        if (count($last) % 2 === 0) {
            $middle = ($middle + $last[intdiv(count($last), 2) - 1]) / 2;
        }
        $held = [];
        foreach (array_keys(array_slice($this->read, -4, 4, true)) as $n) {
            $reach = max(0.7, 4 * sqrt($this->onScale[$n]));
            $held[] = max($middle - $reach, min($middle + $reach, $this->at($n)));
        }
        $newest = array_slice($held, -2);

        return (1 - $unlogged) * array_sum($held) / count($held)
            + $unlogged * array_sum($newest) / count($newest);
    }
}
