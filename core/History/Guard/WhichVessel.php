<?php

declare(strict_types=1);

namespace Ithys\History\Guard;

use Ithys\History\Charge;
use Ithys\Journal\MediaRemoval\MediaRemoval;
use Ithys\Journal\Payload;
use Ithys\Quantity\Text;

/** Out of which vessel a medium is taken, where it is in several; and whether it is in at all. */
final class WhichVessel implements GuardRule
{
    public function doubts(Payload $dose, DoseContext $here): array
    {
        if (! $dose instanceof MediaRemoval) {
            return [];
        }
        $of = array_filter($here->charges(), static fn (Charge $one): bool => $one->medium() === $dose->medium);
        $meant = array_filter($of, static fn (Charge $one): bool => $dose->isFrom($one->filling));
        $vessels = array_unique(array_map(static fn (Charge $one): string => $one->vessel(), $meant));
        if ($meant === [] && $of !== []) {
            return [Doubt::ask('not-in-vessel', Text::of(
                'By the journal {medium} is not in there. Write {line}.',
                medium: $dose->medium->label(),
                line: self::lines($of),
            ))];
        }

        return count($vessels) < 2 ? [] : [Doubt::ask('which-vessel', Text::of(
            '{medium} is in {count} vessels, and this takes it out of all of them. For one of them write {line}.',
            medium: $dose->medium->label(),
            count: count($vessels),
            line: self::lines($meant),
        ))];
    }

    /** @param  array<Charge>  $charges */
    private static function lines(array $charges): Text
    {
        return Text::join(' or ', array_values(array_unique(array_map(
            static fn (Charge $one): string => "“{$one->removal()->line()}”",
            $charges,
        ))));
    }
}
