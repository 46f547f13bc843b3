<?php

declare(strict_types=1);

namespace Ithys\Forecast\Bands;

use Ithys\History\LastChange;
use Ithys\History\Lever;
use Ithys\Quantity\Text;
use Ithys\Statistics\StudentT;

/**
 * Where a nutrient will stand, and how surely: by its last readings, by what the model says, and by how well such
 * forecasts of this tank came true.
 *
 * Source: the method for calibration that ships with the project, section 8, items 3 and 7 to 11, tried out on
 * simulated tanks of other physics.
 */
final readonly class Band
{
    /** Days in which a change still shows, and after which it no longer does. */
    private const FRESH = 28.0;

    private const PAST = 56.0;

    /** Days over which the middle of a forecast goes from what was read to what the model says. */
    private const AHEAD = 84.0;

    /** Readings in a row that make a level. */
    private const LAST = 4;

    /** Days between two looks back, and how far they go. */
    private const EVERY = 14;

    private const BACK = 168;

    /** Readings that a look back needs, and what it weighs at most. */
    private const LEAST = 6;

    private const WEIGHT = 4.0;

    private const CLIP = 9.0;

    /** Readings of which it is said how they came. */
    private const SAID = 14;

    private const FREEDOM = 6.0;

    /** Of what the model says a change does, that readings show: logged, by lever, nitrate and phosphate. */
    private const SHOWN = [
        Lever::Water->value => [1.0, 0.6],
        Lever::Feeding->value => [0.75, 0.6],
        Lever::Media->value => [0.75, 0.6],
        Lever::Carbon->value => [0.5, 0.5],
        Lever::Other->value => [0.75, 0.6],
    ];

    /** Days without a reading after which a forecast grows wider, as though it reached as much further. */
    private const UNREAD = 14.0;

    /** @param  array{float, float, float, float}  $now  level, what the model is off it, kit variance, days unread */
    private function __construct(
        private Nutrient $nutrient,
        private array $now,
        private float $changed,
        private float $unlogged,
        private Lever $lever,
        /** On the variance, by how such forecasts of this tank came true. */
        private float $skill,
        /** @var list<bool> whether a reading lay in the band of 80 % made two weeks before it or more, newest last */
        private array $came,
    ) {
    }

    /**
     * @param  float  $model  level by the model now, ppm
     * @param  ?LastChange  $last  what was changed last
     */
    public static function of(Past $past, float $model, Alarm $alarm, ?LastChange $last): self
    {
        $nutrient = $past->nutrient;
        $ago = $last->daysAgo ?? INF;
        $changed = max(0.0, min(1.0, (self::PAST - $ago) / (self::PAST - self::FRESH)));
        $unlogged = $alarm->doubt();
        $factors = $alarm->factors[$nutrient->parameter->value] ?? [];
        [$skill, $came] = self::skill($past);

        return new self(
            $nutrient,
            self::stands($past, $model, $unlogged, $factors),
            $changed,
            $unlogged,
            $last->lever ?? Lever::Other,
            $skill,
            $came,
        );
    }

    /**
     * @param  float  $days  ahead
     * @param  float  $model  level then by the model, on the scale, less that of now, if all goes on
     * @param  float  $more  by how much another way of going on differs from that, on the scale
     * @param  Lever  $tried  what is changed on that way
     * @return array{float, float} middle and spread on the scale of the nutrient
     */
    public function at(float $days, float $model, float $more = 0.0, Lever $tried = Lever::Other): array
    {
        $steady = (1 - $this->changed) * (1 - $this->unlogged) * $this->nutrient->figure('steady')
            + $this->changed * $this->shown($this->lever);

        return $this->told($days, $steady * $model + $this->shown($tried) * $more);
    }

    /** How many of the last readings lay in the band; null where too few did or did not. */
    public function says(): ?Text
    {
        $last = array_slice($this->came, -self::SAID);

        return count($last) < self::LEAST ? null : Text::of(
            '{inside} of your last {readings} {nutrient} readings were inside a forecast made two weeks or more '
                .'before.',
            inside: count(array_filter($last)),
            readings: count($last),
            nutrient: $this->nutrient->parameter->label(),
        );
    }

    /**
     * By what share of a level a change makes it lower, with the ends of 80 %.
     *
     * @param  float  $level  without the change, on the scale
     * @param  float  $more  by how much the model says it is higher with it, on the scale
     * @return array{float, float, float}
     */
    public function lower(float $level, float $more, Lever $tried): array
    {
        $turn = $this->shown($tried) * $more;
        $reach = $this->nutrient->figure('s2') * abs($turn)
            * StudentT::withDegreesOfFreedom(self::FREEDOM)->quantile(0.9);
        $share = fn (float $by): float => 1 - $this->nutrient->back($level + $by)
            / max(1e-9, $this->nutrient->back($level));

        return [$share($turn), $share($turn + $reach), $share($turn - $reach)];
    }

    /** ppm at a share of what may be, 0 to 1. */
    public static function quantile(Nutrient $nutrient, float $middle, float $spread, float $share): float
    {
        return $nutrient->back($middle + $spread * StudentT::withDegreesOfFreedom(self::FREEDOM)->quantile($share));
    }

    /** Share of what may be that lies below a point on the scale. */
    public static function below(float $point, float $middle, float $spread): float
    {
        return StudentT::withDegreesOfFreedom(self::FREEDOM)->probability(($point - $middle) / $spread);
    }

    /** @return array{float, float} */
    private function told(float $days, float $turn): array
    {
        [$level, $off, $kit, $unread] = $this->now;
        $share = 0.7 - 0.3 * min(1.0, $days / self::AHEAD);
        if ($this->nutrient->figure('steady') === 0.0 && $this->lever !== Lever::Carbon) {
            // Phosphate after a change: the model knows better than readings of before; of bacteria it knows little.
            $share += $this->changed * (0.9 - $share);
        }
        $figure = $this->nutrient->figure(...);
        $weeks = ($days + $unread) / self::AHEAD;
        $variance = $figure('s0') ** 2 + $figure('s1') ** 2 * $weeks + ($figure('s2') * $turn) ** 2
            + ($figure('s3') * $off) ** 2 + $figure('s4') ** 2 * $kit
            + $this->unlogged ** 2 * (0.10 ** 2 + 0.35 ** 2 * $weeks);

        return [$level + (1 - $this->unlogged) * $share * $off + $turn, sqrt($this->skill * $variance)];
    }

    private function shown(Lever $lever): float
    {
        return self::SHOWN[$lever->value][$this->nutrient->figure('steady') === 0.0 ? 1 : 0];
    }

    /**
     * @param  array<int, float>  $factors
     * @return array{float, float, float, float}
     */
    private static function stands(Past $past, float $model, float $unlogged, array $factors): array
    {
        $level = $past->level($unlogged);

        return [
            $level,
            $past->nutrient->scale($past->drawn($model, $factors)) - $level,
            $past->recentKit(self::LAST),
            max(0.0, -$past->days[$past->count() - 1] - self::UNREAD),
        ];
    }

    /**
     * How forecasts of the past came true, had they been made with what is known of the tank now.
     *
     * @return array{float, list<bool>}
     */
    private static function skill(Past $past): array
    {
        $nutrient = $past->nutrient;
        $errors = $came = [];
        $looks = 0;
        for ($ago = self::EVERY; $ago <= self::BACK; $ago += self::EVERY) {
            $then = $past->upTo(-(float) $ago);
            $later = array_keys(array_filter(
                $past->days,
                static fn (float $day): bool => $day > -$ago && $day <= self::AHEAD - $ago,
            ));
            if ($then->count() < self::LEAST || $later === []) {
                continue;
            }
            $looks++;
            $model = $past->model(-(float) $ago);
            $band = new self($nutrient, self::stands($then, $model, 0.0, []), 0.0, 0.0, Lever::Other, 1.0, []);
            foreach ($later as $n) {
                $days = $past->days[$n] + $ago;
                $turn = $nutrient->scale($past->model($past->days[$n])) - $nutrient->scale($model);
                [$middle, $spread] = $band->at($days, $turn);
                $variance = $spread ** 2 + $past->kit($n);
                $error = ($past->at($n) - $middle) ** 2 / $variance;
                $errors[] = min(self::CLIP, $error);
                if ($days >= self::EVERY) {
                    $came[$n] ??= $error;
                }
            }
        }
        $weight = min(self::WEIGHT, $looks / 3);
        $skill = $errors === []
            ? 1.0
            : (self::WEIGHT + $weight * array_sum($errors) / count($errors)) / (self::WEIGHT + $weight);
        $reach = $skill * StudentT::withDegreesOfFreedom(self::FREEDOM)->quantile(0.9) ** 2;
        ksort($came);

        return [$skill, array_values(array_map(static fn (float $one): bool => $one <= $reach, $came))];
    }
}
