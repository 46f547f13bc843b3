<?php

declare(strict_types=1);

namespace Ithys\Document;

use Ithys\Quantity\Dimension;
use Ithys\Quantity\Unit;

/** One figure of a document: what it is called there and on screen, what it measures and between which bounds. */
final readonly class Field
{
    /**
     * @param  string  $key  in the document
     * @param  string  $name  as a sentence about it begins: "The inner length"
     * @param  ?Dimension  $dimension  null for a plain number
     * @param  float  $least  in the base unit of the dimension, as is $most
     * @param  ?Unit  $stored  the unit of the document, where it is not the base unit
     * @param  ?Unit  $bare  what a bare number means as typed, where it is not the habit of the unit system
     */
    private function __construct(
        public string $key,
        public string $name,
        public ?Dimension $dimension,
        public float $least,
        public float $most,
        public ?Unit $stored = null,
        public ?Unit $bare = null,
        public bool $isWhole = false,
    ) {
    }

    public static function of(
        string $key,
        string $name,
        ?Dimension $dimension,
        float $least,
        float $most,
        ?Unit $stored = null,
        ?Unit $bare = null,
    ): self {
        return new self($key, $name, $dimension, $least, $most, $stored, $bare);
    }

    /** A number of things. */
    public static function whole(string $key, string $name, int $least, int $most): self
    {
        return new self($key, $name, null, $least, $most, isWhole: true);
    }

    /** The same in a form that calls it otherwise. */
    public function called(string $key): self
    {
        return new self(
            $key,
            $this->name,
            $this->dimension,
            $this->least,
            $this->most,
            $this->stored,
            $this->bare,
            $this->isWhole,
        );
    }

    /** A figure of a document in base units. */
    public function toBase(float $stored): float
    {
        return $this->stored === null ? $stored : $stored * $this->stored->factor();
    }

    public function toStored(float $base): float
    {
        return $this->stored === null ? $base : $base / $this->stored->factor();
    }
}
