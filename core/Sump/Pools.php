<?php

declare(strict_types=1);

namespace Ithys\Sump;

/**
 * Standing water in a sump: chambers that are joined under a baffle are one pool, and pools spill over the lower of
 * their sides.
 *
 * No water is made or lost: what spills over the outer walls is left standing above the rim, for a finding to say so.
 */
final class Pools
{
    /**
     * @var list<array{area: float, litres: float, chambers: list<int>, left: float, right: float}> area in L/mm, sides
     *   in mm
     */
    private array $pools = [];

    private function __construct(private readonly int $chambers)
    {
    }

    /** @param  list<float>  $levelsMm  by chamber; what stands over a side has not run off yet */
    public static function of(Section $section, array $levelsMm): self
    {
        $pools = new self(count($levelsMm));
        $left = INF;
        foreach ($section->chambers() as $i => $chamber) {
            $baffle = $section->inside->baffles[$i] ?? null;
            $right = $baffle === null ? INF : ($baffle->hangs() ? 0.0 : $baffle->topMm);
            $pools->pools[] = [
                'area' => $chamber->litresPerMm(),
                'litres' => $chamber->litresPerMm() * ($levelsMm[$i] ?? 0.0),
                'chambers' => [$i],
                'left' => $left,
                'right' => $right,
            ];
            $left = $right;
        }
        $pools->settle();

        return $pools;
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
                $levels[$chamber] = $this->level($pool);
            }
        }

        return array_values($levels);
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
