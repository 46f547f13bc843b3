<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Flag;
use Ithys\Path\Kind;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** Ozone only with a probe, a skimmer and clean exhaust. */
final class OzoneSafety implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->path->itemsOf(Kind::Ozone) as $ozone) {
            $lacks = array_filter([
                $ozone->is(Flag::Probe) ? null : 'an ORP probe and controller',
                $here->has(Kind::Skimmer) ? null : 'a skimmer rated for ozone',
            ]);
            yield $lacks === []
                ? Finding::of(
                    Severity::Remark,
                    'ozone',
                    'Ozone: keep it out of the room',
                    'On below 400 mV, off at 410 to 415 mV, a couple of hours at night, the lowest output that works.',
                )
                    ->at($ozone->id)
                    ->because(
                        'Ozone in the room harms people; too much in the water harms the animals.',
                        'Pass the exhaust through carbon or feed it back. If you smell it, switch it off and air the '
                            .'room.',
                    )
                : Finding::of(
                    Severity::Fault,
                    'ozone-unsafe',
                    'Ozone without its safeguards',
                    Text::of(
                        '{ozone} is on the path without {lacks}.',
                        ozone: $ozone->title(),
                        lacks: implode(' and ', $lacks),
                    ),
                )
                    ->at($ozone->id)
                    ->because(
                        'Unmetered ozone harms people and animals.',
                        'Do not run it until they are there; pass the exhaust through carbon.',
                    );
        }
    }
}
