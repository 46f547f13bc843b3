<?php

declare(strict_types=1);

namespace Ithys\Assumption;

use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** One default the core relies on: its value, kind, source and the range it may be set in; one tank may overlay it. */
final readonly class Assumption
{
    private function __construct(
        public string $key,
        public Text $label,
        /** In the base unit of its dimension; what the tank says where it says otherwise. */
        public float $value,
        public Dimension $dimension,
        public AssumptionKind $kind,
        public Text $source,
        public Range $range,
        public ?Overlay $overlay = null,
    ) {
    }

    public static function published(
        Assumed|string $key,
        Text|string $label,
        float $value,
        Dimension $dimension,
        Text|string $source,
        float $least,
        float $most,
    ): self {
        return self::make(
            AssumptionKind::Published,
            $key,
            $label,
            $value,
            $dimension,
            $source,
            new Range($least, $most),
        );
    }

    public static function practice(
        Assumed|string $key,
        Text|string $label,
        float $value,
        Dimension $dimension,
        Text|string $source,
        float $least,
        float $most,
    ): self {
        return self::make(
            AssumptionKind::Practice,
            $key,
            $label,
            $value,
            $dimension,
            $source,
            new Range($least, $most),
        );
    }

    public static function estimate(
        Assumed|string $key,
        Text|string $label,
        float $value,
        Dimension $dimension,
        Text|string $source,
        float $least,
        float $most,
    ): self {
        return self::make(
            AssumptionKind::Estimate,
            $key,
            $label,
            $value,
            $dimension,
            $source,
            new Range($least, $most),
        );
    }

    /** The same as one tank has it. */
    public function overlaid(Overlay $overlay): self
    {
        return new self(
            $this->key,
            $this->label,
            $overlay->value,
            $this->dimension,
            $this->kind,
            $this->source,
            $this->range,
            $overlay,
        );
    }

    public function quantity(): Quantity
    {
        return Quantity::base($this->value, $this->dimension);
    }

    private static function make(
        AssumptionKind $kind,
        Assumed|string $key,
        Text|string $label,
        float $value,
        Dimension $dimension,
        Text|string $source,
        Range $range,
    ): self {
        return new self(
            $key instanceof Assumed ? $key->value : $key,
            Text::wrap($label),
            $value,
            $dimension,
            $kind,
            Text::wrap($source),
            $range,
        );
    }
}
