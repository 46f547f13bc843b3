<?php

declare(strict_types=1);

namespace Ithys;

use Ithys\Quantity\Text;

/** One figure of one part that, set otherwise, would mend what a finding says. */
final readonly class Remedy
{
    /**
     * @param  Text  $does  what is to be done, as a sentence without its full stop
     * @param  string  $part  id of the part; empty for the whole
     * @param  string  $field  its figure, as the document names it
     * @param  float  $value  in the base unit of that figure
     */
    public function __construct(public Text $does, public string $part, public string $field, public float $value)
    {
    }
}
