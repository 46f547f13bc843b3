<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Sump\Baffle;
use Ithys\Sump\BaffleKind;

/** Whether the baffles can stand as they are drawn. */
final class BafflesStand implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->section->inside->baffles as $i => $baffle) {
            yield from $this->outside($here, $baffle);
            yield from $this->besideNext($here, $baffle, $here->section->inside->baffles[$i + 1] ?? null);
            yield from $this->teeth($here, $baffle);
            yield from $this->height($here, $baffle);
        }
    }

    /** @return iterable<Finding> */
    private function outside(Situation $here, Baffle $baffle): iterable
    {
        $length = $here->section->vessel->lengthMm;
        if ($baffle->atMm < 0.0 || $baffle->endMm() > $length) {
            yield Finding::of(
                Severity::Fault,
                'baffle-outside',
                'Baffle outside the tank',
                Text::of(
                    'It stands from {from} to {to}; inside, it is {length} long.',
                    from: Quantity::mm($baffle->atMm),
                    to: Quantity::mm($baffle->endMm()),
                    length: Quantity::mm($length),
                ),
            )
                ->at($baffle->id)
                ->because('There is nothing to glue it to.', 'Move it in.');
        }
    }

    /** @return iterable<Finding> */
    private function besideNext(Situation $here, Baffle $baffle, ?Baffle $next): iterable
    {
        $between = $next === null ? INF : $next->atMm - $baffle->endMm();
        $hand = $here->assumptions->of(Assumed::HandWidth);
        if ($next !== null && $between < 0.0) {
            yield Finding::of(
                Severity::Fault,
                'baffles-cross',
                'Two baffles in one place',
                Text::of(
                    'This one ends at {end}, the next begins at {next}.',
                    end: Quantity::mm($baffle->endMm()),
                    next: Quantity::mm($next->atMm),
                ),
            )
                ->at($next->id)
                ->because('Two sheets cannot stand in the same place.', 'Move one of them.');
        } elseif ($between < $hand->value) {
            yield Finding::of(
                Severity::Remark,
                'chamber-narrow',
                'A narrow space',
                Text::of('{between} between this baffle and the next.', between: Quantity::mm($between)),
                $hand,
            )
                ->at($baffle->id)
                ->because('A hand or a brush does not get in to clean it.');
        }
    }

    /** @return iterable<Finding> */
    private function teeth(Situation $here, Baffle $baffle): iterable
    {
        $least = $here->assumptions->of(Assumed::LeastTooth);
        $slot = $here->assumptions->value(Assumed::CombSlot);
        if ($baffle->isToothed() && $baffle->toothMm($here->assumptions) < $least->value) {
            yield Finding::of(
                Severity::Caution,
                'comb-teeth-thin',
                'The teeth of the comb are too thin',
                Text::of(
                    'Slots of {slot} leave teeth of {tooth}.',
                    slot: Quantity::mm($slot),
                    tooth: Quantity::mm($baffle->toothMm($here->assumptions)),
                ),
                $least,
            )
                ->at($baffle->id)
                ->because(
                    'Teeth that thin break when they are cut or cleaned.',
                    Text::of(
                        'Take an open share of at most {share}.',
                        share: Quantity::number(floor(100 * $slot / ($slot + $least->value)) / 100, 2),
                    ),
                );
        }
    }

    /** @return iterable<Finding> */
    private function height(Situation $here, Baffle $baffle): iterable
    {
        $rim = $here->section->vessel->heightMm;
        $edge = $baffle->edgeMm($here->assumptions);
        if ($edge > $rim) {
            yield Finding::of(
                Severity::Fault,
                'baffle-high',
                'Baffle over the rim',
                Text::of(
                    'Its top is at {edge}, the rim at {rim}.',
                    edge: Quantity::mm($edge),
                    rim: Quantity::mm($rim),
                ),
            )
                ->at($baffle->id)
                ->because('The lid or the brace is in its way.', 'Lower it.');
        }
        if ($baffle->kind !== BaffleKind::Under && $baffle->topMm >= $rim) {
            yield Finding::of(
                Severity::Fault,
                'no-way-out',
                'A chamber with no way out',
                'The water can get over this baffle only by running over the rim.',
            )
                ->at($baffle->id)
                ->because('It stands on the floor and reaches the rim.', 'Lower it, or hang it clear of the floor.');
        }
        if ($baffle->kind === BaffleKind::Under && $baffle->gapMm >= $baffle->topMm) {
            yield Finding::of(
                Severity::Fault,
                'gap-over-top',
                'The gap is higher than the baffle',
                Text::of(
                    'Its gap is {gap}, its top at {top}.',
                    gap: Quantity::mm($baffle->gapMm),
                    top: Quantity::mm($baffle->topMm),
                ),
            )
                ->at($baffle->id)
                ->because('Nothing of it would be left.', 'Lower the gap or raise the top.');
        }
    }
}
