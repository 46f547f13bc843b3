<?php

declare(strict_types=1);

namespace Ithys\Journal\Reading;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Journal\QuickEntry\WrittenAmount;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Unit;

/** "no3 8.5", "po4 <0.02 ppm", "po4-p 18 ppb", "cloudy". */
final class ReadingRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        if ($tokens->take('cloudy')) {
            $draft->cloudy = true;

            return true;
        }
        $named = Parameter::fromWord(rtrim($tokens->peek()->word ?? '', '=:'));
        if ($named === null) {
            return $this->readJoined($tokens, $draft);
        }
        $start = $tokens->position++;
        $amount = $tokens->amount(Dimension::Concentration) ?? throw InvalidEntry::noFigure($named[0]->label(), '8.5');
        $this->add($draft, $named, $amount, $start);

        return true;
    }

    public function words(): array
    {
        return ['no3', 'po4', 'nitrate', 'phosphate', 'cloudy'];
    }

    /** "no3=8.5" or "no3:8.5" written as one word. */
    private function readJoined(Tokens $tokens, Draft $draft): bool
    {
        $parts = preg_split('~[=:]~', $tokens->peek()->text ?? '', 2) ?: [];
        $named = Parameter::fromWord($parts[0] ?? '');
        if ($named === null || ! isset($parts[1])) {
            return false;
        }
        $amount
            = Tokens::of($parts[1], null)->amount(Dimension::Concentration)
            ?? throw InvalidEntry::noFigure($named[0]->label(), '8.5');
        $this->add($draft, $named, $amount, $tokens->position++);

        return true;
    }

    /** @param  array{Parameter, Basis}  $named */
    private function add(Draft $draft, array $named, WrittenAmount $amount, int $position): void
    {
        $unit = $amount->unit ?? Unit::PartPerMillion;
        $draft->add(
            Reading::of($named[0], $amount->base($unit), $named[1], $amount->step * $unit->factor(), $amount->below),
            $position,
        );
    }
}
