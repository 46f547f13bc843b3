<?php

declare(strict_types=1);

namespace Ithys\Sump;

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Quantity\ShopLength;
use Ithys\Quantity\UnitSystem;
use Ithys\Severity;

/** Whether the baffles can stand as they are drawn. */
final class Geometry
{
    /** A chamber narrower than this cannot be cleaned by hand, mm. */
    private const HAND = 25.0;

    /** @return list<Finding> */
    public static function findings(Section $section, UnitSystem $units): array
    {
        $length = static fn (float $mm): string => ShopLength::format($mm, $units);
        $findings = [];
        foreach ($section->baffles as $i => $baffle) {
            $next = $section->baffles[$i + 1] ?? null;
            if ($baffle->atMm < 0.0 || $baffle->endMm() > $section->lengthMm) {
                $findings[] = Finding::of(
                    Severity::Fault,
                    'baffle-outside',
                    'Baffle outside the tank',
                    sprintf(
                        'It stands from %s to %s; inside, the sump is %s long.',
                        $length($baffle->atMm),
                        $length($baffle->endMm()),
                        $length($section->lengthMm),
                    ),
                )
                    ->at($baffle->id)
                    ->because('There is nothing to glue it to.', 'Move it in.');
            }
            if ($next !== null && $next->atMm < $baffle->endMm()) {
                $findings[] = Finding::of(
                    Severity::Fault,
                    'baffles-cross',
                    'Two baffles in one place',
                    sprintf(
                        'This one ends at %s, the next begins at %s.',
                        $length($baffle->endMm()),
                        $length($next->atMm),
                    ),
                )
                    ->at($next->id)
                    ->because('Two sheets cannot stand in the same place.', 'Move one of them.');
            } elseif ($next !== null && $next->atMm - $baffle->endMm() < self::HAND) {
                $findings[] = Finding::of(
                    Severity::Remark,
                    'chamber-narrow',
                    'A narrow space',
                    sprintf('%s between this baffle and the next.', $length($next->atMm - $baffle->endMm())),
                )
                    ->at($baffle->id)
                    ->because('A hand or a brush does not get in to clean it.');
            }
            if ($baffle->isToothed() && $baffle->toothMm() < Assumptions::leastTooth()->value) {
                $findings[] = Finding::of(
                    Severity::Caution,
                    'comb-teeth-thin',
                    'The teeth of the comb are too thin',
                    sprintf(
                        'Slots of %s leave teeth of %s.',
                        $length(Assumptions::combSlot()->value),
                        $length($baffle->toothMm()),
                    ),
                    Assumptions::leastTooth(),
                )
                    ->at($baffle->id)
                    ->because(
                        'Teeth that thin break when they are cut or cleaned.',
                        sprintf(
                            'Take an open share of at most %.2f.',
                            floor(
                                (100 * Assumptions::combSlot()->value)
                                    / (Assumptions::combSlot()->value + Assumptions::leastTooth()->value),
                            ) / 100,
                        ),
                    );
            }
            if ($baffle->edgeMm() > $section->heightMm) {
                $findings[] = Finding::of(
                    Severity::Fault,
                    'baffle-high',
                    'Baffle over the rim',
                    sprintf(
                        'Its top is at %s, the rim at %s.',
                        $length($baffle->edgeMm()),
                        $length($section->heightMm),
                    ),
                )
                    ->at($baffle->id)
                    ->because('The lid or the brace is in its way.', 'Lower it.');
            }
            if ($baffle->kind !== BaffleKind::Under && $baffle->topMm >= $section->heightMm) {
                $findings[] = Finding::of(
                    Severity::Fault,
                    'no-way-out',
                    'A chamber with no way out',
                    'The water can get over this baffle only by running over the rim.',
                )
                    ->at($baffle->id)
                    ->because(
                        'It stands on the floor and reaches the rim.',
                        'Lower it, or hang it clear of the floor.',
                    );
            }
            if ($baffle->kind === BaffleKind::Under && $baffle->gapMm >= $baffle->topMm) {
                $findings[] = Finding::of(
                    Severity::Fault,
                    'gap-over-top',
                    'The gap is higher than the baffle',
                    sprintf('Its gap is %s, its top at %s.', $length($baffle->gapMm), $length($baffle->topMm)),
                )
                    ->at($baffle->id)
                    ->because('Nothing of it would be left.', 'Lower the gap or raise the top.');
            }
        }
        if ($section->returnLevelMm > $section->heightMm) {
            $findings[] = Finding::of(
                Severity::Fault,
                'level-over-rim',
                'The running water is over the rim',
                sprintf(
                    'In the return chamber it should stand at %s; the rim is at %s.',
                    $length($section->returnLevelMm),
                    $length($section->heightMm),
                ),
            )->because('It would run out.', 'Run the return chamber lower.');
        }
        if ($section->pumpMinimumMm >= $section->returnLevelMm) {
            $findings[] = Finding::of(
                Severity::Fault,
                'pump-dry',
                'The pump sucks air at once',
                sprintf(
                    'It needs %s of water; the return chamber runs at %s.',
                    $length($section->pumpMinimumMm),
                    $length($section->returnLevelMm),
                ),
            )->because(
                'Air in the pump stops it and fills the display with bubbles.',
                'Run the return chamber higher.',
            );
        }

        return $findings;
    }
}
