<?php

declare(strict_types=1);

namespace Ithys\Effect\Relaxed;

/** A level that stepped, or seemed to, at one moment. */
final readonly class Step
{
    /** Of all readings since, without washing out: another test kit. */
    public const KIT = 'kit';

    /** At the change that is judged. */
    public const HERE = 'here';

    /** Between two readings elsewhere. */
    public const ELSEWHERE = 'elsewhere';

    public function __construct(
        public string $kind,
        /** From the change. */
        public float $day,
    ) {
    }

    /**
     * @param  float  $loss  share lost a day
     * @return list<float> at each reading, of 1 mg/L
     */
    public function column(Series $series, float $loss): array
    {
        return $this->kind === self::KIT
            ? array_map(fn (float $day): float => $day > $this->day ? 1.0 : 0.0, $series->days)
            : $series->pulse($loss, $this->day);
    }

    /** Usual size of such a step, as a share of the level. */
    public function usual(): float
    {
        return $this->kind === self::KIT ? 0.12 : 0.3;
    }

    /**
     * Which steps the readings can tell of.
     *
     * @return list<self>
     */
    public static function among(Series $series): array
    {
        $days = $series->days;
        $n = count($days);
        $before = count(array_filter($days, static fn (float $day): bool => $day <= 0.0));
        $steps = min($before, $n - $before) >= self::LEAST_HERE ? [new self(self::HERE, 0.0)] : [];
        if ($n < self::LEAST || min($before, $n - $before) < self::BEYOND) {
            return $steps;
        }
        for ($next = self::BEYOND; $next <= $n - self::BEYOND; $next++) {
            $middle = ($days[$next - 1] + $days[$next]) / 2;
            if ($next !== $before) {
                $steps[] = new self(self::ELSEWHERE, $middle);
                $steps[] = new self(self::KIT, $middle);
            }
        }

        return $steps;
    }

    /** Readings on each side of the change, in all, and beyond a step, that are needed to tell of one. */
    private const LEAST_HERE = 6;

    private const LEAST = 10;

    private const BEYOND = 3;
}
