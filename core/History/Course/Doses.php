<?php

declare(strict_types=1);

namespace Ithys\History\Course;

use Ithys\Nutrient\Act;
use Ithys\Nutrient\Lever\DoseSchedule;

/** Organic carbon as it is dosed from some day on. */
final readonly class Doses
{
    /**
     * @param  array<string, float>  $perDay  mL a day, by source
     * @param  list<float>  $ramp  mL a day of its one source, week by week; none where it goes on as it is
     */
    public function __construct(public array $perDay, private array $ramp = [])
    {
    }

    /** @param  list<float>  $weekly  mL a day, week by week */
    public static function ramping(string $source, array $weekly): self
    {
        return new self([$source => $weekly[0] ?? 0.0], $weekly);
    }

    /** mL a day, of all sources. */
    public function millilitres(): float
    {
        return array_sum($this->perDay);
    }

    /** @return list<Act> from a day on */
    public function acts(float $from): array
    {
        $acts = [];
        foreach ($this->perDay as $source => $dose) {
            foreach ($this->ramp === [] ? [$dose] : $this->ramp as $week => $each) {
                $acts[] = new Act($from + 7.0 * $week, new DoseSchedule($source, $each));
            }
        }

        return $acts;
    }
}
