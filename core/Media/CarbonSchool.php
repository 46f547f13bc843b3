<?php

declare(strict_types=1);

namespace Ithys\Media;

/** How often activated carbon is changed: keepers disagree. */
enum CarbonSchool: string
{
    case Never = 'never';
    case Fortnight = 'fortnight';
    case Month = 'month';
    case Quarter = 'quarter';

    public static function title(): string
    {
        return 'Activated carbon: what each approach says';
    }

    /** What the long life in the model does not say, and how to use carbon for a few days; a common amount fits in. */
    public static function note(string $amount): string
    {
        return 'Ithys calculates how much room for organics is left. The approaches change carbon sooner, because dust '
            .'and bacteria cover it and traces go with it, which Ithys does not follow. Keep a sealed packet for an '
            ."emergency. To clear a medication, give the charge its end: “activated carbon {$amount} for 3 days”. "
            .'Score the water clarity against the same mark each time, a white bucket or the long view, 0 to 10: '
            .'“clarity 8”.';
    }

    public function label(): string
    {
        return match ($this) {
            self::Never => 'Never as routine',
            self::Fortnight => 'Every one to two weeks',
            self::Month => 'Monthly at most',
            self::Quarter => 'Every two to three months, in a bag',
        };
    }

    public function reason(): string
    {
        return match ($this) {
            self::Never => 'It strips traces, saturates and lets go, and starves biological media. A sealed packet '
                .'stays ready for an emergency, and to clear a medication.',
            self::Fortnight => 'Water stays clear and what corals give off against each other is taken away. The same '
                .'keepers admit to one or two months.',
            self::Month => 'Fresh carbon does its work in the first weeks; more often strips more than it helps.',
            self::Quarter => 'A bag meets little water and works slowly, for as long as it lies beside other media.',
        };
    }

    /** @return ?array{float, float} days from and to; null where it is not changed at all */
    public function days(): ?array
    {
        return match ($this) {
            self::Never => null,
            self::Fortnight => [7.0, 14.0],
            self::Month => [30.0, 30.0],
            self::Quarter => [60.0, 90.0],
        };
    }

    /** How often it is changed in a year, by the middle of what the school asks. */
    public function timesAYear(): float
    {
        $days = $this->days();

        return $days === null ? 0.0 : 365 / (array_sum($days) / 2);
    }

    /** What it says of a charge of some days; null where none is in. */
    public function says(?float $age): string
    {
        $days = $this->days();

        return match (true) {
            $age === null => $days === null ? 'None is in: as it should be.' : 'None is in.',
            $days === null => 'Take it out, or give it an end.',
            $age > $days[1] => 'Overdue.',
            $age >= $days[0] => 'Due.',
            default => 'Not yet.',
        };
    }
}
