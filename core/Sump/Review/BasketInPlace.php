<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Assumption\Assumed;
use Ithys\Finding;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;
use Ithys\Sump\Cutting\Basket;
use Ithys\Sump\Cutting\BasketUse;
use Ithys\Sump\Rear\BasketFlow;

/** A media basket goes into its chamber under the lid, takes the flow over its front, and holds what is put on it. */
final class BasketInPlace extends PinnedRule
{
    protected function pin(): string
    {
        return '#basket';
    }

    protected function findings(Situation $here): iterable
    {
        $basket = $here->workshop->basket;
        $front = $here->section->front;

        return $basket?->use === null || $front === null
            ? []
            : [
                ...$this->goesIn($here, $basket, $basket->use),
                ...$this->layers($here, $basket, $basket->use),
                ...$this->flow($here, $basket, $basket->use, $front->viscosity),
            ];
    }

    /** @return list<Finding> */
    private function goesIn(Situation $here, Basket $basket, BasketUse $use): array
    {
        $chamber = $here->section->chambers()[$use->chamber] ?? null;
        if ($chamber === null) {
            return [
                Finding::of(
                    Severity::Fault,
                    'basket-nowhere',
                    'The basket stands in no chamber',
                    Text::of(
                        'It is set in chamber {wanted}; there are {chambers}.',
                        wanted: $use->chamber + 1,
                        chambers: count($here->section->chambers()),
                    ),
                )->because('Its chamber is gone.', 'Pick another chamber.'),
            ];
        }
        $findings = [];
        if ($basket->lengthMm > $chamber->lengthMm() || $basket->widthMm > $chamber->widthMm) {
            $findings[] = Finding::of(
                Severity::Fault,
                'basket-too-large',
                'The basket does not go into its chamber',
                Text::of(
                    'Its cavity is given as {length} by {width}; chamber {number} is {chamberLength} by '
                        .'{chamberWidth}.',
                    length: Quantity::mm($basket->lengthMm),
                    width: Quantity::mm($basket->widthMm),
                    number: $chamber->number(),
                    chamberLength: Quantity::mm($chamber->lengthMm()),
                    chamberWidth: Quantity::mm($chamber->widthMm),
                ),
            )->because('It is cut to that cavity.', 'Measure the chamber at its narrowest and enter that.');
        }
        $lid = $here->section->inside->rear?->lidMm;
        $wanted = $here->assumptions->of(Assumed::LidGap);
        if ($lid !== null && $basket->topMm() > $lid - $wanted->value) {
            $gap = $lid - $basket->topMm();
            $figures = Text::of(
                'It reaches to {top}; the lid lies at {lid}.',
                top: Quantity::mm($basket->topMm()),
                lid: Quantity::mm($lid),
            );
            $lower = Text::of(
                'Make it {height} high or less, or set it lower.',
                height: Quantity::mm(floor($lid - $wanted->value - $basket->standMm())),
            );
            $findings[] = Finding::of(
                $gap < 0.0 ? Severity::Fault : Severity::Caution,
                'basket-lid',
                $gap < 0.0 ? 'The lid does not close over the basket' : 'The lid all but rests on the basket',
                $figures,
                $wanted,
            )->because('A lid that stands on the basket rattles and lets salt creep out.', $lower);
        }

        return $findings;
    }

    /** @return list<Finding> what lies on its shelves */
    private function layers(Situation $here, Basket $basket, BasketUse $use): array
    {
        $findings = [];
        $finest = 0;
        for ($shelf = 1; $shelf <= $basket->shelves; $shelf++) {
            $clear = $basket->shelfMm($here->assumptions);
            $pads = $basket->padsMm($shelf);
            if ($pads > $clear) {
                $findings[] = Finding::of(
                    Severity::Fault,
                    'basket-shelf-full',
                    Text::of('Shelf {shelf} does not hold its pads', shelf: $shelf),
                    Text::of(
                        'They are {pads} thick together; it is {clear} high.',
                        pads: Quantity::mm($pads),
                        clear: Quantity::mm(max(0.0, $clear)),
                    ),
                )->because('Pads that are squeezed let little water through.', 'Take fewer shelves or thinner pads.');
            }
            foreach ($use->on($shelf) as $layer) {
                $grade = $layer->kind->grade();
                if ($grade !== null && $grade < $finest) {
                    $findings[] = Finding::of(
                        Severity::Caution,
                        'basket-fine-first',
                        'The water meets a finer pad first',
                        Text::of(
                            '{pad} on shelf {shelf} lies behind a finer one.',
                            pad: $layer->label(),
                            shelf: $shelf,
                        ),
                    )->because(
                        'The fine one clogs with what the coarse one would have held.',
                        'Put coarse before fine.',
                    );
                }
                // A catch pad behind dusty media begins anew.
                $finest = $grade === null ? 0 : max($finest, $grade);
            }
        }
        foreach ($use->layers as $layer) {
            if ($layer->shelf > $basket->shelves) {
                $findings[] = Finding::of(
                    Severity::Fault,
                    'basket-no-shelf',
                    Text::of('{layer} lies on no shelf', layer: $layer->label()),
                    Text::of(
                        'It is put on shelf {shelf}; there are {shelves}.',
                        shelf: $layer->shelf,
                        shelves: $basket->shelves,
                    ),
                )->because('Its shelf is gone.', 'Put it on another shelf.');
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function flow(Situation $here, Basket $basket, BasketUse $use, float $viscosity): array
    {
        $level = $here->running->levelsMm[$use->chamber] ?? null;
        if ($level === null || $here->litresPerHour <= 0.0 || $basket->innerAreaSquareMm() <= 0.0) {
            return [];
        }
        $flow = BasketFlow::of($basket, $level, $here->litresPerHour, $viscosity);
        $clogged = BasketFlow::clogged($basket, $level, $viscosity);
        $most = $here->assumptions->of(Assumed::BasketBeside);
        $figures = [
            'flow' => Quantity::perHour($here->litresPerHour),
            'beside' => Quantity::perHour($flow->besideLitresPerHour),
            'through' => Quantity::perHour($flow->throughLitresPerHour),
            'before' => Quantity::mm($flow->beforeMm),
            'top' => Quantity::mm($basket->topMm()),
            'clogged' => Quantity::perHour(min($clogged, $here->litresPerHour)),
        ];
        $findings = [];
        if ($flow->beforeMm > $basket->topMm()) {
            $findings[] = Finding::of(
                Severity::Caution,
                'basket-inlet-small',
                'The water runs over the sides of the basket',
                Text::of('Before it the water stands at {before}; its sides end at {top}.', ...$figures),
            )->because('What runs over the sides is not filtered.', 'Make the front lower.');
        }
        if ($flow->besideLitresPerHour > $most->value * $here->litresPerHour) {
            $findings[] = Finding::of(
                Severity::Caution,
                'basket-beside',
                'Water passes beside the media basket',
                Text::of(
                    'Of {flow} up to {beside} find the gap of {gap} on each side; {through} go over its front.',
                    ...[...$figures, 'gap' => Quantity::mm($basket->clearanceMm)],
                ),
                $most,
            )->because(
                'Water takes the easy way and not the one through the media.',
                'Seal the front edge with a strip of soft foam or silicone, or take a smaller gap.',
            );
        } else {
            $findings[] = Finding::of(
                Severity::Good,
                'basket-takes-flow',
                'The basket takes the flow over its front',
                Text::of(
                    '{through} go over its front, {head} high, and down through each shelf at {speed}.',
                    ...[
                        ...$figures,
                        'head' => Quantity::mm(max(0.0, $flow->beforeMm - $basket->frontMm())),
                        'speed' => Quantity::base($flow->speed / 1000, Dimension::Speed, 3),
                    ],
                ),
                $most,
            );
        }
        $findings[] = $clogged >= $here->litresPerHour
            ? Finding::of(
                Severity::Remark,
                'basket-clogged',
                'When its shelves clog, all of the water passes beside it',
                Text::of('The gap then lets {clogged} by, and no level shows it.', ...$figures),
            )->because(
                'A clogged basket that does not overflow looks like one that works.',
                'Clean pads by the calendar.',
            )
            : Finding::of(
                Severity::Remark,
                'basket-clogged',
                'When its shelves clog, the water backs up',
                Text::of(
                    'Beside it {clogged} can pass, of {flow}; the rest rises before it, into the display.',
                    ...$figures,
                ),
            )->because(
                'The pump chamber then runs low while the display rises.',
                'Change the top pad as soon as the water stands higher before the basket.',
            );
        $dry = $this->dryShelves($here, $basket, $use, $level);

        return $dry === null ? $findings : [...$findings, $dry];
    }

    /** Which shelves stand over the water behind the basket, so that it only trickles through them. */
    private function dryShelves(Situation $here, Basket $basket, BasketUse $use, float $levelMm): ?Finding
    {
        $dry = [];
        for ($shelf = 1; $shelf <= $basket->shelves; $shelf++) {
            if ($basket->standMm() + $basket->gridMm($shelf, $here->assumptions) >= $levelMm) {
                $dry[] = Text::of('{shelf}', shelf: $shelf);
            }
        }

        return $dry === []
            ? null
            : Finding::of(
                Severity::Remark,
                'basket-trickles',
                'Water trickles through the upper shelves',
                Text::of(
                    'Shelf {shelves} stands over the water of its chamber, which is at {level}.',
                    shelves: Text::join(', ', $dry),
                    level: Quantity::mm($levelMm),
                ),
            )->because(
                'Media that is not under water gets its flow in streaks.',
                'Pads and floss belong there; put carbon and GFO on shelves under water.',
            );
    }
}
