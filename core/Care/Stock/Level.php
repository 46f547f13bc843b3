<?php

declare(strict_types=1);

namespace Ithys\Care\Stock;

use DateInterval;
use DateTimeImmutable;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/**
 * What is left of an item, how fast it goes, and when it is to be ordered: from the last count, what came in since, and
 * what the journals of the tanks used.
 */
final readonly class Level
{
    /** Days over which the rate is taken, and the fewest uses and days that tell one. */
    private const DAYS = 84;

    private const LEAST_USES = 3;

    private const LEAST_DAYS = 14.0;

    /** Weeks that show how much the use scatters, and the least share of random use that it may be. */
    private const WEEKS = 6;

    private const STEADIEST = 0.1;

    /** Where the plan alone says how fast it goes. */
    private const PLANNED = 0.3;

    /** Standard errors of an 80 % range. */
    private const WIDE = 1.2816;

    private const DAY = 86_400;

    private const YEAR = 365.0;

    /** Days ahead that one order covers. */
    private const COVERS = 84;

    private function __construct(
        /** Never below zero; null where it was never counted. */
        public ?float $left,
        /** Used or thrown away beyond what there was: the count or the journal is wrong. */
        public float $missing,
        /** Used a day; null where too little is logged to tell. */
        public ?float $perDay,
        /** Share by which the days that are left may be fewer or more, 80 %. */
        private float $within,
        private DateTimeImmutable $now,
        private int $deliveryDays,
        /** Whether the plan of care says how fast it goes, because too little is logged. */
        public bool $isPlanned = false,
    ) {
    }

    /**
     * @param  list<Move>  $moves  in order of time
     * @param  list<array{DateTimeImmutable, float}>  $uses  by the journals of all tanks that share it, in
     *   order of time
     * @param  float  $planned  a day, as the chores are due; 0 where no chore uses it
     */
    public static function of(
        array $moves,
        array $uses,
        DateTimeImmutable $now,
        int $deliveryDays,
        float $planned = 0.0,
    ): self {
        [$left, $missing] = [null, 0.0];
        $steps = array_map(static fn (Move $one): array => [$one->at, $one->what, $one->amount], $moves);
        foreach ($uses as [$at, $amount]) {
            $steps[] = [$at, 'used', $amount];
        }
        usort($steps, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        foreach ($steps as [$at, $what, $amount]) {
            if ($at > $now) {
                break;
            }
            if ($what === Move::COUNTED) {
                [$left, $missing] = [$amount, 0.0];
            } elseif ($left !== null) {
                $left += $what === Move::BOUGHT ? $amount : -$amount;
                // What was used beyond what there was cannot be: it is told, and the stock starts at zero again.
                $missing += max(0.0, -$left);
                $left = max(0.0, $left);
            }
        }

        foreach ($moves as $one) {
            // What is thrown away is used up too.
            $uses = $one->what === Move::BINNED ? [...$uses, [$one->at, $one->amount]] : $uses;
        }
        usort($uses, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        [$perDay, $dispersion] = self::rate($uses, $now);
        // Of the rate that was seen, and of the use that is still to come.
        $seen = self::DAYS * ($perDay ?? 0.0);
        $within = $seen > 0.0 && ($left ?? 0.0) > 0.0 ? self::WIDE * sqrt($dispersion * (1 / $seen + 1 / $left)) : 0.0;

        return $perDay === null && $planned > 0.0
            ? new self($left, $missing, $planned, self::PLANNED, $now, $deliveryDays, true)
            : new self($left, $missing, $perDay, $within, $now, $deliveryDays);
    }

    /**
     * When it is used up.
     *
     * @return ?array{DateTimeImmutable, DateTimeImmutable, ?DateTimeImmutable} likely, soonest and latest; null where
     *   it is not known
     */
    public function ends(): ?array
    {
        if ($this->left === null || $this->perDay === null || $this->perDay <= 0.0) {
            return null;
        }
        $days = $this->left / $this->perDay;

        return [
            $this->after($days),
            $this->after($days / (1 + $this->within)),
            $this->within < 1.0 ? $this->after($days / (1 - $this->within)) : null,
        ];
    }

    /** The last day to order, so that it comes before the soonest end; null where it is not known. */
    public function orderBy(): ?DateTimeImmutable
    {
        return ($this->ends()[1] ?? null)?->sub(new DateInterval("P{$this->deliveryDays}D"));
    }

    public function isToOrder(): bool
    {
        return $this->left === 0.0 || ($this->orderBy() !== null && $this->orderBy() <= $this->now);
    }

    /** Money a year at the price of a pack; null where it is not known how fast it goes. */
    public function costAYear(float $perPack, float $price): ?float
    {
        return $this->perDay === null ? null : self::YEAR * $this->perDay / $perPack * $price;
    }

    /** Packs that last for twelve weeks; one where the rate is not known. */
    public function packs(float $perPack): int
    {
        return max(1, (int) ceil(self::COVERS * ($this->perDay ?? 0.0) / $perPack));
    }

    /**
     * What is missing or wrong; empty where all is known.
     *
     * @param  string  $unit  that it is counted in
     * @param  bool  $isUsedByJournal  false for what is counted by hand
     */
    public function says(string $unit, bool $isUsedByJournal): Text
    {
        return match (true) {
            $this->left === null => Text::wrap('You have not counted it yet. Write how much is there.'),
            $this->missing > 0.0 => Text::of(
                'More was used than there was: {missing} {unit} too much. Count what is there.',
                missing: Quantity::number(Quantity::significant($this->missing, 3)),
                unit: $unit,
            ),
            $this->perDay === null => Text::wrap($isUsedByJournal
                ? 'Too little is logged to say how long it lasts: fewer than three uses in twelve weeks.'
                : 'Nothing in the journal uses it. Log here what you throw away.'),
            $this->isPlanned => Text::wrap('By your plan of care: fewer than three uses are logged.'),
            default => Text::wrap(''),
        };
    }

    private function after(float $days): DateTimeImmutable
    {
        return $this->now->modify(sprintf('+%d seconds', (int) round(min($days, 36_500.0) * self::DAY)));
    }

    /**
     * The use of random amounts at random times scatters with its dispersion, variance over mean: as the weeks show it
     * where there are enough of them, else as amounts that come at random have it, their sum of squares over their sum.
     *
     * @param  list<array{DateTimeImmutable, float}>  $uses
     * @return array{?float, float} a day, and the dispersion
     */
    private static function rate(array $uses, DateTimeImmutable $now): array
    {
        $from = $now->modify('-'.self::DAYS.' days');
        $recent = array_values(array_filter(
            $uses,
            static fn (array $one): bool => $one[0] >= $from && $one[0] <= $now && $one[1] > 0.0,
        ));
        $first = $uses[0][0] ?? $now;
        $days = ($now->getTimestamp() - max($from, $first)->getTimestamp()) / self::DAY;
        if (count($recent) < self::LEAST_USES || $days < self::LEAST_DAYS) {
            return [null, 0.0];
        }
        $amounts = array_column($recent, 1);
        $sum = array_sum($amounts);
        $random = array_sum(array_map(static fn (float $one): float => $one ** 2, $amounts)) / $sum;
        $weeks = array_fill(0, (int) floor($days / 7), 0.0);
        foreach ($recent as [$at, $amount]) {
            $week = (int) floor(($now->getTimestamp() - $at->getTimestamp()) / (7 * self::DAY));
            if (isset($weeks[$week])) {
                $weeks[$week] += $amount;
            }
        }
        $mean = $weeks === [] ? 0.0 : array_sum($weeks) / count($weeks);
        if (count($weeks) < self::WEEKS || $mean <= 0.0) {
            return [$sum / $days, $random];
        }
        $variance = array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $weeks))
            / (count($weeks) - 1);

        return [$sum / $days, max(self::STEADIEST * $random, $variance / $mean)];
    }
}
