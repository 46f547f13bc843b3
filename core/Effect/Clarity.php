<?php

declare(strict_types=1);

namespace Ithys\Effect;

use DateTimeImmutable;
use Ithys\Journal\Entry;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Reading\Reading;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Statistics\StudentT;

/** How clear the water looked before a charge and since, by scores against the same mark. */
final readonly class Clarity
{
    /** Days on either side. */
    public const DAYS = 28.0;

    private const LEAST = 3;

    /** Days in which a score forgets the one before; our estimate, by which two a week agree to 0.6. */
    private const MEMORY = 6.9;

    /** @param  ?array{float, float, float}  $difference  points since less before, and the ends of 95 % */
    private function __construct(public int $before, public int $since, public ?array $difference)
    {
    }

    /** @param  list<Entry>  $entries */
    public static function around(array $entries, DateTimeImmutable $charge): self
    {
        $before = $since = [];
        foreach ($entries as $entry) {
            $reading = $entry->payload;
            $day = $entry->daysAfter($charge);
            if ($reading instanceof Reading && $reading->parameter === Parameter::Clarity && abs($day) <= self::DAYS) {
                $day < 0.0 ? $before[] = [$day, $reading->value] : $since[] = [$day, $reading->value];
            }
        }
        [$n, $m] = [count($before), count($since)];

        return new self($n, $m, min($n, $m) < self::LEAST ? null : self::difference($before, $since));
    }

    /** Whether anything is shown; null where there is too little to tell. */
    public function verdict(): ?string
    {
        return $this->difference === null ? null : match (true) {
            $this->difference[1] > 0.0 => 'clearer',
            $this->difference[2] < 0.0 => 'less clear',
            default => 'no clear effect',
        };
    }

    public function says(): Text
    {
        return $this->difference === null
            ? Text::of(
                'Water clarity score: {before} in the {days} days before and {since} since. Three on each side would '
                    .'give an answer.',
                before: $this->before,
                since: $this->since,
                days: (int) self::DAYS,
            )
            : Text::of(
                'Water clarity score since: {verdict}, by {by} points ({low} to {high}, 95 %).',
                verdict: $this->verdict() ?? '',
                by: Quantity::number($this->difference[0], 1),
                low: Quantity::number($this->difference[1], 1),
                high: Quantity::number($this->difference[2], 1),
            );
    }

    /**
     * By Welch's t, for scatter that may differ; a score resolves one point, and scores that lie close to each other
     * say much the same.
     *
     * @param  list<array{float, float}>  $before  days and scores
     * @param  list<array{float, float}>  $since
     * @return array{float, float, float}
     */
    private static function difference(array $before, array $since): array
    {
        [$one, $other] = [self::spread($before), self::spread($since)];
        $error = $one[1] + $other[1];
        $df = $error ** 2 / ($one[1] ** 2 / $one[2] + $other[1] ** 2 / $other[2]);
        $reach = StudentT::withDegreesOfFreedom($df)->quantile(0.975) * sqrt($error);
        $by = $other[0] - $one[0];

        return [$by, $by - $reach, $by + $reach];
    }

    /**
     * @param  list<array{float, float}>  $scores  days and scores
     * @return array{float, float, float} mean, its variance, and degrees of freedom
     */
    private static function spread(array $scores): array
    {
        $n = count($scores);
        $mean = array_sum(array_column($scores, 1)) / $n;
        $sum = $alike = 0.0;
        foreach ($scores as [$day, $score]) {
            $sum += ($score - $mean) ** 2;
            foreach ($scores as [$other]) {
                $alike += exp(-abs($day - $other) / self::MEMORY) / $n;
            }
        }
        // So many scores that are alike differ less from their own mean than they scatter.
        $variance = $sum / max(0.5, $n - $alike) + 1 / 12;

        return [$mean, $variance * $alike / $n, max(1.0, $n / $alike - 1)];
    }
}
