<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Quantity\Text;

/** What one tank lets down into the sump when the pump stops; a figure is null while it is not known. */
final readonly class TankFall
{
    /** @param  string  $of  the tank as a sentence names it */
    public function __construct(
        public string $of,
        /** Surface of its water, mm². */
        public ?float $squareMm,
        /** How far it falls until the lowest siphon breaks, mm. */
        public ?float $fallMm,
        /** Water in its overflow box that drains, L. */
        public ?float $boxLitres,
        /** Water in its drain and its return pipe, L. */
        public ?float $pipeLitres,
    ) {
    }

    /** What is known to come down, L; more where something is missing. */
    public function litres(): float
    {
        return (float) $this->squareMm * (float) $this->fallMm / 1e6
            + (float) $this->boxLitres
            + (float) $this->pipeLitres;
    }

    /** @return list<Text> what is not known of it */
    public function missing(): array
    {
        $missing = [
            ...$this->squareMm === null ? ['the area of {tank}'] : [],
            ...$this->fallMm === null ? ['how far {tank} falls'] : [],
            ...$this->boxLitres === null ? ['the water in the overflow of {tank}'] : [],
            ...$this->pipeLitres === null ? ['bore and length of the pipes of {tank}'] : [],
        ];

        return array_map(fn (string $what): Text => Text::of($what, tank: $this->of), $missing);
    }
}
