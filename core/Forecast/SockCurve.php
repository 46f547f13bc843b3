<?php

declare(strict_types=1);

namespace Ithys\Forecast;

use Ithys\Nutrient\Element;
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
     * @param  list<array{every: float, nitrate: float, phosphate: float}>  $points  shares of the level less than with
     *   none, by days between changes
     * @param  ?array{every: float, nitrate: float, phosphate: float}  $present
     */
    private function __construct(public array $points, public ?array $present)
    {
    }

    /** @throws InvalidLever */
    public static function of(Outlook $outlook): self
    {
        $none = self::end($outlook, null);
        $less = static function (float $every) use ($outlook, $none): array {
            $with = self::end($outlook, $every);

            return [
                'every' => $every,
                'nitrate' => 1 - $with[0] / max(1e-6, $none[0]),
                'phosphate' => 1 - $with[1] / max(1e-6, $none[1]),
            ];
        };
        $every = $outlook->present->socks->every;

        return new self(array_map($less, self::INTERVALS), $every === null ? null : $less($every));
    }

    /** What the sock does as it is changed now. */
    public function verdict(): SockVerdict
    {
        $does = $this->present === null ? 0.0 : max($this->present['nitrate'], $this->present['phosphate']);
        $harms = $this->present === null ? 0.0 : min($this->present['nitrate'], $this->present['phosphate']);

        return match (true) {
            $this->present === null => SockVerdict::NotChanged,
            $harms < -self::NEUTRAL => SockVerdict::Harming,
            $does < self::NEUTRAL => SockVerdict::Neutral,
            default => SockVerdict::Helping,
        };
    }

    /** @return array{float, float} nitrate and phosphate at the end, ppm */
    private static function end(Outlook $outlook, ?float $every): array
    {
        $points = $outlook->withoutSock($every === null)->along(
            $outlook->present->with(['sockEvery' => $every]),
            self::WEEKS,
        );
        $last = static function (Element $element) use ($points): float {
            $mine = $points[$element->parameter()->value] ?? [];

            return $mine === [] ? 0.0 : $mine[count($mine) - 1]->level;
        };

        return [$last(Element::Nitrogen), $last(Element::Phosphorus)];
    }
}
