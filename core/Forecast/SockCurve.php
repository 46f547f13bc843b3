<?php

declare(strict_types=1);

namespace Ithys\Forecast;

use Ithys\Nutrient\InvalidLever;

/**
 * What the sock of a tank does by how often it is changed: the levels it leads to after some weeks, beside none at all.
 */
final readonly class SockCurve
{
    /** Weeks after which it is looked at, as trials of socks go. */
    public const WEEKS = 8;

    private const INTERVALS = [2.0, 3.5, 5.0, 7.0, 10.0, 14.0, 21.0, 30.0, 45.0];

    /** Share of the level under which it does as good as nothing. */
    private const NEUTRAL = 0.02;

    /**
     * @param  list<array{every: float, no3: array{float, float, float}, po4: array{float, float, float}}>  $points  by
     *   days between changes, shares of the level less than with none: middle, and the ends of 80 %
     * @param  ?array{every: float, no3: array{float, float, float}, po4: array{float, float, float}}  $present
     */
    private function __construct(public array $points, public ?array $present)
    {
    }

    /** @throws InvalidLever */
    public static function of(Outlook $outlook): self
    {
        $none = $outlook->present->with(['sockEvery' => null, 'sockOut' => true]);
        $less = static function (float $every) use ($outlook, $none): array {
            $lower = $outlook->lower($outlook->present->with(['sockEvery' => $every]), $none, self::WEEKS);

            return ['every' => $every, 'no3' => $lower['no3'], 'po4' => $lower['po4']];
        };
        $every = $outlook->present->socks->every;

        return new self(array_map($less, self::INTERVALS), $every === null ? null : $less($every));
    }

    /** What the sock does as it is changed now. */
    public function verdict(): SockVerdict
    {
        if ($this->present === null) {
            return SockVerdict::NotChanged;
        }
        [$nitrate, $phosphate] = [$this->present['no3'], $this->present['po4']];

        return match (true) {
            // By the end of its range that speaks least for it.
            min($nitrate[2], $phosphate[2]) < -self::NEUTRAL => SockVerdict::Harming,
            max($nitrate[1], $phosphate[1]) >= self::NEUTRAL => SockVerdict::Helping,
            default => SockVerdict::Neutral,
        };
    }
}
