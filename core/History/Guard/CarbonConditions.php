<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\Payload;
use Ithys\Quantity\Text;

/** Organic carbon while the stop rules say no. */
final class CarbonConditions implements GuardRule
{
    public function doubts(Payload $dose, DoseContext $here): array
    {
        if (! $dose instanceof CarbonDose) {
            return [];
        }

        return array_map(
            static fn (Text $stop): Doubt => Doubt::ask('carbon-stop', $stop),
            array_slice(RampCheck::of($here)->stops, 0, 1),
        );
    }
}
