<?php

declare(strict_types=1);

namespace Ithys\History;

/** How a lever is usually kept and logged; our estimates, which can be set. */
final readonly class Manner
{
    /** While nobody logs anything at all, silence of one routine says so much less. */
    public const WHOLE_JOURNAL = 20.0;

    /**
     * @param  float  $stops  how often a year it is stopped without a word
     * @param  float  $done  share of the acts that were not logged and done all the same
     * @param  float  $lapses  how often a year its logging lapses
     */
    public function __construct(public float $stops, public float $done, public float $lapses = 1.0)
    {
    }
}
