<?php

declare(strict_types=1);

namespace Ithys\Journal\WaterChange;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Unit;

/** "water change 40 l", "wc 10 %", "changed water 12 US gal", "no water changes from 2026-04-01 to 2026-06-01". */
final class WaterChangeRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        if ($this->readNone($tokens, $draft)) {
            $draft->add(WaterChange::of(0.0), $start);

            return true;
        }
        if (
            ! $tokens->takePair('water', 'change', 'changed', 'changes')
            && ! $tokens->takePair('changed', 'water')
            && ! $tokens->takePhrase(['changed', 'the', 'water'])
            && ! $tokens->take('wc', 'waterchange')
        ) {
            return false;
        }
        $tokens->take('of');
        $share = $tokens->percent();
        if ($share !== null) {
            $litres = $share * $context->workingLitres;
        } else {
            $amount = $tokens->amount(Dimension::Volume) ?? throw InvalidEntry::noFigure('water change', '40 l');
            $litres = $amount->base($context->units->unitOf(Dimension::Volume));
        }
        if ($litres > $context->workingLitres) {
            throw InvalidEntry::moreThanTheTank(
                Quantity::litres($litres),
                Quantity::litres($context->workingLitres),
            );
        }
        $draft->add(WaterChange::of($litres, ...$this->brings($tokens)), $start);

        return true;
    }

    /** "no water change", "no water changes from 2026-04-01 to 2026-06-01": none in any week of those. */
    private function readNone(Tokens $tokens, Draft $draft): bool
    {
        $isNone = $tokens->takePhrase(['no', 'water', 'change']) || $tokens->takePhrase(['no', 'water', 'changes'])
            || $tokens->takePhrase(['water', 'change', 'skipped'])
            || $tokens->takePhrase(['water', 'changes', 'stopped'])
            || $tokens->takePair('no', 'wc') || $tokens->takePair('skipped', 'wc')
            || $tokens->takePhrase(['skipped', 'water', 'change']) || $tokens->takePair('wc', 'skipped');
        if ($isNone && $tokens->peek()?->word === 'from') {
            $draft->each = 7.0;
        }

        return $isNone;
    }

    /** @return array{nitrate?: float, phosphate?: float} what the new water holds, mg/L: "mix no3 10 po4 0.02" */
    private function brings(Tokens $tokens): array
    {
        $brings = [];
        $isMix = $tokens->take('mix') || $tokens->takePhrase(['new', 'water']);
        while ($isMix) {
            $named = Parameter::fromWord($tokens->peek()->word ?? '');
            if ($named === null || ! in_array($named[0], Parameter::nutrients(), true)) {
                break;
            }
            [$parameter, $basis] = $named;
            $tokens->position++;
            $amount = $tokens->amount(Dimension::Concentration) ?? throw InvalidEntry::noFigure('mix no3', '2');
            $brings[$parameter->label()] = $basis->toIon($amount->base(Unit::PartPerMillion), $parameter);
        }

        return $isMix && $brings === [] ? throw InvalidEntry::noFigure('mix no3', '2') : $brings;
    }

    public function words(): array
    {
        return ['water change', 'wc'];
    }
}
