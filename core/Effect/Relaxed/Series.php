<?php

declare(strict_types=1);

namespace Ithys\Effect\Relaxed;

/** Readings in order of time, with the water changes between them. */
final readonly class Series
{
    /** @var list<list<array{dt: float, share: float}>> stretches before each reading, ended by a change of water */
    public array $stretches;

    /**
     * @param  list<float>  $days  from the change that is judged
     * @param  list<float>  $levels  mg/L as read
     * @param  list<float>  $scatter  of each reading, as a share of that of one plain reading
     * @param  list<float>  $floors  least variance of each reading, (mg/L)²
     * @param  list<Dilution>  $dilutions  in order of time; one at the moment of a reading comes after it
     * @param  float  $source  mg/L in new water of which it was not said
     */
    public function __construct(
        public array $days,
        public array $levels,
        public array $scatter,
        public array $floors,
        public array $dilutions,
        public float $source = 0.0,
    ) {
        $stretches = [];
        $next = 0;
        foreach ($days as $i => $day) {
            $at = $days[max(0, $i - 1)];
            $before = [];
            for (; isset($dilutions[$next]) && $dilutions[$next]->day < $day; $next++) {
                if ($i > 0 && $dilutions[$next]->day >= $days[$i - 1]) {
                    $before[] = [
                        'dt' => $dilutions[$next]->day - $at,
                        'share' => $dilutions[$next]->share,
                        'source' => $dilutions[$next]->source ?? $source,
                    ];
                    $at = $dilutions[$next]->day;
                }
            }
            $before[] = ['dt' => $day - $at, 'share' => 0.0, 'source' => 0.0];
            $stretches[] = $before;
        }
        $this->stretches = $stretches;
    }

    /**
     * What stands in the water by one cause alone, at each reading.
     *
     * @param  float  $loss  share lost a day
     * @param  float  $start  at the first reading
     * @param  float  $from  day from which so much comes in, 1 mg/L a day
     * @param  float  $to  day until which it does
     * @param  bool  $withSource  what new water brings counts too
     * @return list<float>
     */
    public function response(float $loss, float $start, float $from, float $to, bool $withSource = false): array
    {
        $level = $start;
        $at = $this->days[0] ?? 0.0;
        $response = [];
        foreach ($this->stretches as $stretch) {
            foreach ($stretch as ['dt' => $dt, 'share' => $share, 'source' => $source]) {
                $end = $at + $dt;
                $level = $level * exp(-$loss * $dt) + self::gained($loss, $end, max($at, $from), min($end, $to));
                $level = (1 - $share) * $level + ($withSource ? $share * $source : 0.0);
                $at = $end;
            }
            $response[] = $level;
        }

        return $response;
    }

    /**
     * What is left at each reading of 1 mg/L that stood in the water at once.
     *
     * @param  float  $loss  share lost a day
     * @param  float  $on  the day, after a reading of that moment
     * @return list<float>
     */
    public function pulse(float $loss, float $on): array
    {
        $level = 0.0;
        $at = $this->days[0] ?? 0.0;
        $pulse = [];
        foreach ($this->stretches as $stretch) {
            foreach ($stretch as ['dt' => $dt, 'share' => $share]) {
                $end = $at + $dt;
                $level = $at <= $on && $on < $end
                    ? exp(-$loss * ($end - $on))
                    : $level * exp(-$loss * $dt);
                $level *= 1 - $share;
                $at = $end;
            }
            $pulse[] = $level;
        }

        return $pulse;
    }

    /** @param  list<int>  $kept */
    public function only(array $kept): self
    {
        return new self(
            self::among($this->days, $kept),
            self::among($this->levels, $kept),
            self::among($this->scatter, $kept),
            self::among($this->floors, $kept),
            $this->dilutions,
            $this->source,
        );
    }

    /**
     * @param  list<float>  $all
     * @param  list<int>  $kept
     * @return list<float>
     */
    private static function among(array $all, array $kept): array
    {
        return array_values(array_intersect_key($all, array_flip($kept)));
    }

    private static function gained(float $loss, float $end, float $from, float $to): float
    {
        if ($to <= $from) {
            return 0.0;
        }

        return $loss < 1e-9 ? $to - $from : (exp(-$loss * ($end - $to)) - exp(-$loss * ($end - $from))) / $loss;
    }
}
