<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Flow\Bisection;
use Ithys\Sump\Rear\Front;

/**
 * Standing water in a sump: chambers that are joined under a baffle are one pool, and pools spill over the lower of
 * their sides.
 *
 * No water is made or lost: what spills over the outer walls is left standing above the rim, for a finding to say so.
 */
final class Pools
{
    /** The display among the chambers. */
    private const DISPLAY = -1;

    /**
     * @var list<array{area: float, litres: float, chambers: list<int>, left: float, right: float}> area in L/mm, sides
     *   in mm
     */
    private array $pools = [];

    /** @param  bool  $hasDisplay  whether a display stands before the chambers, as the one before the first */
    private function __construct(private readonly int $chambers, private readonly bool $hasDisplay = false)
    {
    }

    /** @param  list<float>  $levelsMm  by chamber; what stands over a side has not run off yet */
    public static function of(Section $section, array $levelsMm): self
    {
        return (new self(count($levelsMm)))->fill($section, $levelsMm, INF);
    }

    /** The chambers behind a display and, where its area is known, the display before them. */
    public static function behind(Front $front, Section $section, WaterLines $lines): self
    {
        $area = $front->litresPerMm();
        $pools = new self(count($lines->levelsMm), $area !== null);
        if ($area !== null) {
            $pools->pools[] = [
                'area' => $area,
                'litres' => $area * (float) $lines->displayMm,
                'chambers' => [self::DISPLAY],
                'left' => INF,
                'right' => $front->wall->crestMm,
            ];
        }

        return $pools->fill($section, $lines->levelsMm, $area === null ? INF : $front->wall->crestMm);
    }

    /** @param  list<float>  $levelsMm */
    private function fill(Section $section, array $levelsMm, float $left): self
    {
        $pools = $this->pools;
        foreach ($section->chambers() as $i => $chamber) {
            $baffle = $section->inside->baffles[$i] ?? null;
            $right = $baffle === null ? INF : ($baffle->hangs() ? 0.0 : $baffle->topMm);
            if ($chamber->litresPerMm() <= 0.0) {
                // Baffles drawn into each other or outside leave no room: the higher of them parts its neighbours.
                $left = max($left, $right);

                continue;
            }
            $pools[] = [
                'area' => $chamber->litresPerMm(),
                'litres' => $chamber->litresPerMm() * ($levelsMm[$i] ?? 0.0),
                'chambers' => [$i],
                'left' => $left,
                'right' => $right,
            ];
            $left = $right;
        }
        $this->pools = [];
        foreach ($pools as $i => $pool) {
            $pool['right'] = $pools[$i + 1]['left'] ?? INF;
            $this->pools[] = $pool;
        }
        $this->settle();

        return $this;
    }

    public function pour(float $litres): void
    {
        $this->pools[0]['litres'] += $litres;
        $this->settle();
    }

    /** @return non-empty-list<float> level over the floor by chamber */
    public function levelsMm(): array
    {
        $levels = array_fill(0, max(1, $this->chambers), 0.0);
        foreach ($this->pools as $pool) {
            foreach ($pool['chambers'] as $chamber) {
                if ($chamber !== self::DISPLAY) {
                    $levels[$chamber] = $this->level($pool);
                }
            }
        }

        return array_values($levels);
    }

    /** Level of the display before the chambers, over the floor; null where there is none or its area is not known. */
    public function displayMm(): ?float
    {
        return $this->hasDisplay ? $this->level($this->pools[0]) : null;
    }

    /**
     * Lets the display run back through the return until its mouth draws air or both stand level.
     *
     * @param  ?float  $mouthMm  over the floor; without it nothing runs back
     */
    public function siphon(?float $mouthMm): void
    {
        if ($mouthMm === null || ! $this->hasDisplay) {
            return;
        }
        $after = function (float $litres): self {
            $pools = clone $this;
            foreach ($pools->pools as $i => $pool) {
                $moved = ($i === count($pools->pools) - 1 ? $litres : 0.0) - ($i === 0 ? $litres : 0.0);
                $pools->pools[$i]['litres'] = $pool['litres'] + $moved;
            }
            $pools->settle();

            return $pools;
        };
        // What the display stands over the mouth, or over the water of the pump where that is higher.
        $over = static function (float $litres) use ($after, $mouthMm): float {
            $then = $after($litres);

            return max($mouthMm, $then->level($then->pools[count($then->pools) - 1])) - $then->level($then->pools[0]);
        };
        if (count($this->pools) > 1 && $over(0.0) < 0.0) {
            $this->pools = $after(Bisection::root($over, 0.0, $this->pools[0]['litres']))->pools;
        }
    }

    private function settle(): void
    {
        // Each turn moves water towards its rest or joins two pools, so the turns end.
        for ($turn = 0; $turn < 50 * max(1, $this->chambers); $turn++) {
            if (! $this->spill()) {
                return;
            }
        }
    }

    private function spill(): bool
    {
        foreach ($this->pools as $i => $pool) {
            $side = min($pool['left'], $pool['right']);
            $over = ($this->level($pool) - $side) * $pool['area'];
            if ($side === INF || $over <= 1e-9) {
                continue;
            }
            $onward = $pool['right'] <= $pool['left'];
            $j = $onward ? $i + 1 : $i - 1;
            $room = ($side - $this->level($this->pools[$j])) * $this->pools[$j]['area'];
            // A neighbour whose far side is lower runs over there before it rises to this one: the water only passes
            // through.
            $passes = $this->pools[$j][$onward ? 'right' : 'left'] < $side;
            if ($room > $over || $passes) {
                $this->pools[$i]['litres'] -= $over;
                $this->pools[$j]['litres'] += $over;
            } else {
                $this->join(min($i, $j));
            }

            return true;
        }

        return false;
    }

    private function join(int $i): void
    {
        [$a, $b] = [$this->pools[$i], $this->pools[$i + 1]];
        array_splice($this->pools, $i, 2, [
            [
                'area' => $a['area'] + $b['area'],
                'litres' => $a['litres'] + $b['litres'],
                'chambers' => [...$a['chambers'], ...$b['chambers']],
                'left' => $a['left'],
                'right' => $b['right'],
            ],
        ]);
    }

    /** @param  array{area: float, litres: float, chambers: list<int>, left: float, right: float}  $pool */
    private function level(array $pool): float
    {
        return $pool['area'] > 0.0 ? $pool['litres'] / $pool['area'] : 0.0;
    }
}
