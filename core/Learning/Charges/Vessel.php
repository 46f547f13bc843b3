<?php

declare(strict_types=1);

namespace Ithys\Learning\Charges;

use Ithys\Media\Langmuir;
use Ithys\Media\Uptake;

/** A phosphate charge as the grid runs it: what it can hold, and how the water reaches it. */
final readonly class Vessel
{
    public function __construct(
        private Langmuir $isotherm,
        private float $grams,
        /** L a day that it clears at most, with its contact. */
        public float $clears,
        /** How fast its pores fill, of what is left a day. */
        public float $pores,
        /** Days from the start of the journal on which it went in, and came out; null while it is in. */
        public int $in,
        public ?int $out,
        public bool $isReactor,
    ) {
    }

    /** mg that it comes to hold at a level, ppm, were it of the usual kind. */
    public function full(float $ppm): float
    {
        return $this->grams * $this->isotherm->loading($ppm);
    }

    /** @param  list<float>  $figures  of its medium, as the model has them */
    public static function of(
        array $figures,
        float $grams,
        float $together,
        float $contact,
        float $litresPerDay,
        int $in,
        ?int $out,
        bool $isReactor,
    ): self {
        [$most, $affinity, $film, $pores] = $figures;

        return new self(
            new Langmuir($most, $affinity),
            $grams,
            Uptake::clearing($film, $grams, $film * $together, $contact, $litresPerDay),
            $pores,
            $in,
            $out,
            $isReactor,
        );
    }
}
