<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\Journal\CarbonDose\CarbonDose;
use Ithys\Journal\Payload;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** Organic carbon of all sources against what was dosed on the days before, and against a full dose. */
final class CarbonStep implements GuardRule
{
    /** Of a full dose that may be begun with, and times the dose of the days before that it may rise to: ours. */
    public const START = 0.25;

    public const RISE = 1.5;

    private const ASKED = 2.0;

    private const REFUSED = 4.0;

    /** A dose that is repeated is no rise. */
    private const SAME = 1.05;

    public function doubts(Payload $dose, DoseContext $here): array
    {
        if (! $dose instanceof CarbonDose || $here->litres() <= 0.0) {
            return [];
        }
        $each = OrganicCarbon::perMillilitre($dose->source, $here->assumptions);
        $today = $here->carbonOn(0) + $dose->millilitres * $each;
        $before = $here->carbonBefore();
        $full = $here->fullCarbon();
        $ml = static fn (float $carbon): Quantity => Quantity::millilitres($carbon / $each);
        if ($today > self::REFUSED * $full) {
            return [Doubt::refuse('carbon-amount', Text::of(
                '{today} of {source} today is {times} times a full dose for {litres}. Bacteria bloom, and fish can '
                    .'suffocate.',
                today: $ml($today),
                source: $dose->source->label(),
                times: Quantity::number($today / $full, 0),
                litres: Quantity::litres($here->litres()),
            ))];
        }
        if ($today <= self::SAME * $before) {
            return [];
        }
        $allowed = max(self::START * $full, self::RISE * $before);

        return match (true) {
            $today > self::SAME * $allowed => [Doubt::ask('carbon-step', Text::of(
                $before > 0.0
                    ? '{today} of {source} today follows at most {before} a day in the week before. Raise it slowly: '
                        .'at most {allowed} now.'
                    : 'No organic carbon was logged in the week before. Start with at most {allowed} of {source} a '
                        .'day, not {today}.',
                today: $ml($today),
                source: $dose->source->label(),
                before: $ml($before),
                allowed: $ml($allowed),
            ))],
            $today > self::ASKED * $full => [Doubt::ask('carbon-amount', Text::of(
                '{today} of {source} today is {times} times a full dose for {litres}.',
                today: $ml($today),
                source: $dose->source->label(),
                times: Quantity::number($today / $full, 1),
                litres: Quantity::litres($here->litres()),
            ))],
            default => [],
        };
    }
}
