<?php

declare(strict_types=1);

namespace Ithys\Media;

use Ithys\Quantity\Dimension;
use Ithys\Quantity\Text;

/** A figure of a medium that a tank may have otherwise. */
final readonly class MediumFigure
{
    private function __construct(
        /** Of the assumption that it becomes. */
        public string $key,
        public Text|string $label,
        public float $value,
        public float $least,
        public float $most,
        public Dimension $dimension,
        public Text|string $source,
        /** Whether it is common practice; else it is our estimate. */
        public bool $isPractice,
    ) {
    }

    /** Our estimate, from memory; its source says what it rests on. */
    public static function estimate(
        string $key,
        Text|string $label,
        float $value,
        float $least,
        float $most,
        Text|string $source = 'From memory; grades differ.',
        Dimension $dimension = Dimension::Plain,
    ): self {
        return new self($key, $label, $value, $least, $most, $dimension, $source, false);
    }

    /** Common practice; its source says whose. */
    public static function practice(
        string $key,
        Text|string $label,
        float $value,
        float $least,
        float $most,
        Text|string $source,
        Dimension $dimension = Dimension::Plain,
    ): self {
        return new self($key, $label, $value, $least, $most, $dimension, $source, true);
    }
}
