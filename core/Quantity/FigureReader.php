<?php

declare(strict_types=1);

namespace Ithys\Quantity;

/**
 * Reads the figures of a form as typed, each in the keeper's unit or any unit written out, and notes what is wrong at
 * its place.
 */
final class FigureReader
{
    /** @var array<string, string> sentence per place */
    private array $problems = [];

    public function __construct(private readonly UnitSystem $units)
    {
    }

    /**
     * The figure in base units; null when the text is empty or wrong.
     *
     * @param  string  $name  what the sentence of a problem calls it: "The inner length"
     * @param  ?Dimension  $dimension  null for a plain number
     * @param  float  $least  in base units, as is $most
     * @param  ?Unit  $bare  what a bare number means, where it is not the unit system's habit
     */
    public function read(
        string $text,
        string $at,
        string $name,
        ?Dimension $dimension,
        float $least,
        float $most,
        ?Unit $bare = null,
        bool $whole = false,
    ): ?float {
        $text = trim($text);
        if ($text === '') {
            return null;
        }
        $unit = $dimension === null ? null : $bare ?? $this->units->unitOf($dimension);
        try {
            $base
                = $unit === null
                    ? Decimal::parse($text)->value
                    : Quantity::parse($text, $unit, $this->units->gallon())->base;
        } catch (InvalidQuantity $invalid) {
            $this->note($at, $invalid->getMessage());

            return null;
        }
        // A bound that was shown in another unit comes back a hair beyond it.
        $base
            = abs($base - $least) <= 1e-5 * abs($least)
                ? $least
                : (abs($base - $most) <= 1e-5 * abs($most)
                    ? $most
                    : $base);
        if ($base < $least || $base > $most || ($whole && floor($base) !== $base)) {
            $this->note(
                $at,
                sprintf(
                    '%s must be %s %s and %s; “%s” is %s.',
                    $name,
                    $whole ? 'a whole number between' : 'between',
                    $this->shown($least, $unit),
                    $this->shown($most, $unit),
                    mb_strimwidth($text, 0, 40, '…'),
                    $this->shown($base, $unit),
                ),
            );

            return null;
        }

        return $base;
    }

    public function note(string $at, string $sentence): void
    {
        $this->problems[$at] = $sentence;
    }

    /** @return array<string, string> sentence per place; empty when all could be read */
    public function problems(): array
    {
        return $this->problems;
    }

    private function shown(float $base, ?Unit $unit): string
    {
        return match (true) {
            $unit === null => rtrim(rtrim(number_format($base, 2), '0'), '.'),
            $unit === $this->units->unitOf($unit->dimension()) => $this->units->format($base, $unit->dimension()),
            default => number_format($base / $unit->factor()).' '.$unit->value,
        };
    }
}
