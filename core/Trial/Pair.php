<?php

declare(strict_types=1);

namespace Ithys\Trial;

use Ithys\Quantity\Text;

/** One arm against another. */
final readonly class Pair
{
    /**
     * @param  ?array{float, float}  $interval  95 %, of the difference; null where neither arm scatters
     * @param  float  $p  two-sided by Welch, by Holm where there are several pairs
     * @param  ?float  $exchange  the same by exchanging units, without Holm; null where there are too many ways
     * @param  ?array{int, int}  $led  first and last day on which one of them was ahead; null where none was for long
     */
    public function __construct(
        public string $arm,
        public string $than,
        /** Mean of the first minus mean of the other. */
        public float $difference,
        public ?array $interval,
        public float $p,
        public ?float $exchange,
        public bool $isClear,
        public ?array $led,
    ) {
    }

    public function says(): Text
    {
        return Text::of(
            $this->difference < 0.0 ? '{arm!} ends lower than {than}.' : '{arm!} ends higher than {than}.',
            arm: $this->arm,
            than: $this->than,
        );
    }

    public function ledSays(): Text
    {
        return Text::of(
            '{arm!} and {than} were apart from day {from} to day {to}, but not at the end.',
            arm: $this->arm,
            than: $this->than,
            from: $this->led[0] ?? 0,
            to: $this->led[1] ?? 0,
        );
    }
}
