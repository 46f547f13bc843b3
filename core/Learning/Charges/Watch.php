<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

use Ithys\History\Timeline\Placed;
use Ithys\Nutrient\Element;
use Ithys\Nutrient\Snapshot;

/** Looks at one charge again and again while a tank runs. */
final class Watch
{
    private const WEEK = 7.0;

    /** @var list<array{float, float, float, float}> day, mg held, mg a day that a fresh one would take, mg P on rock */
    private array $seen = [];

    /** @var list<Look> */
    private array $looks = [];

    private ?float $spent = null;

    public function __construct(private readonly Placed $placed, private readonly float $spentShare)
    {
    }

    public function see(Snapshot $now): void
    {
        $charge = $now->plant->charges[$this->placed->charge] ?? null;
        $day = $now->day();
        if ($charge === null || ! $charge->isIn || ($this->placed->to !== null && $day > $this->placed->to)) {
            return;
        }
        if (! $charge->bindsPhosphate()) {
            $this->adsorbs($day, $charge->nitrogen, $charge->figures[5] * $charge->grams, $now->plant->rock);

            return;
        }
        $most = $charge->figures[0] * $charge->grams;
        $level = $charge->figures[1] * max(0.0, $now->level(Element::Phosphorus));
        $film = $now->plant->clearing($charge) * max(0.0, $now->level(Element::Phosphorus));
        $pores = $charge->figures[3] * $most * $level / (1 + $level);
        $fresh = $film + $pores > 0.0 ? $film * $pores / hypot($film, $pores) : 0.0;
        $this->seen[] = [$day, $charge->load, $fresh, $now->plant->rock];
        [$before, $mean] = $this->week($day);
        $takes = $day > $before[0] ? ($charge->load - $before[1]) / ($day - $before[0]) : $fresh;
        $this->look($day, $charge->load, $takes, $mean > 0.0 ? $takes / $mean : 1.0, $now->plant->rock, $before);
    }

    /** Whether nothing more is to be learned of it. */
    public function isDone(): bool
    {
        return $this->spent !== null || $this->placed->to !== null;
    }

    public function run(): Run
    {
        return new Run($this->looks, $this->spent);
    }

    /** Carbon and resin clear by what they have free. */
    private function adsorbs(float $day, float $held, float $most, float $rock): void
    {
        $this->seen[] = [$day, $held, 0.0, $rock];
        [$before] = $this->week($day);
        $takes = $day > $before[0] ? ($held - $before[1]) / ($day - $before[0]) : 0.0;
        $this->look($day, $held, $takes, $most > 0.0 ? max(0.0, 1 - $held / $most) : 0.0, $rock, $before);
    }

    /** @param  array{float, float, float, float}  $before */
    private function look(float $day, float $held, float $takes, float $share, float $rock, array $before): void
    {
        $share = max(0.0, min(1.0, $share));
        $last = $this->looks === [] ? null : $this->looks[count($this->looks) - 1];
        $gives = $day > $before[0]
            ? Element::Phosphorus->ion() * ($before[3] - $rock) / ($day - $before[0])
            : 0.0;
        $this->looks[] = new Look($day, $held, $takes, $share, $gives);
        if ($this->spent === null && $last !== null && $share < $this->spentShare
            && $day - $this->placed->from >= self::WEEK) {
            $fell = $last->share - $share;
            $this->spent = $fell > 0.0 && $last->share > $this->spentShare
                ? $last->day + ($day - $last->day) * ($last->share - $this->spentShare) / $fell
                : $day;
        }
    }

    /**
     * What was seen about a week before, and what a fresh one would have taken a day since.
     *
     * @return array{array{float, float, float, float}, float}
     */
    private function week(float $day): array
    {
        $since = array_values(array_filter(
            $this->seen,
            static fn (array $one): bool => $one[0] >= $day - self::WEEK - 1e-9,
        ));
        $sum = 0.0;
        for ($n = 1; $n < count($since); $n++) {
            $sum += ($since[$n][0] - $since[$n - 1][0]) * ($since[$n][2] + $since[$n - 1][2]) / 2;
        }
        $days = $day - $since[0][0];

        return [$since[0], $days > 0.0 ? $sum / $days : $since[0][2]];
    }
}
