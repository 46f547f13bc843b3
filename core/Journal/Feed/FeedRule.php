<?php

declare(strict_types=1);

namespace Ithys\Journal\Feed;

use Ithys\Assumption\Assumed;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Journal\QuickEntry\WrittenAmount;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Unit;

/** "fed 6 g pellet", "fed 2 cubes", "nori 1 sheet", "fed 6 pellets", "2 frozen". */
final class FeedRule implements Rule
{
    private const FOODS = [
        'pellet' => Food::Pellet, 'pellets' => Food::Pellet, 'flake' => Food::Flake, 'flakes' => Food::Flake,
        'frozen' => Food::Frozen, 'mysis' => Food::Frozen, 'brine' => Food::Frozen, 'krill' => Food::Frozen,
        'seaweed' => Food::Seaweed, 'nori' => Food::Seaweed,
    ];

    /** What is counted: what one of it weighs, and what food it is. */
    private const COUNTS = [
        'cube' => [Assumed::FrozenCube, Food::Frozen],
        'sheet' => [Assumed::SeaweedSheet, Food::Seaweed],
        'pellet' => [Assumed::FoodPellet, Food::Pellet],
        'pinch' => [Assumed::FoodPinch, null],
    ];

    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        $isFed = $tokens->take('fed', 'feed', 'feeding', 'food');
        $tokens->take('of');
        $food = $this->food($tokens);
        $isCounted = in_array($tokens->peek(1)->word ?? '', ['cube', 'cubes', 'sheet', 'sheets'], true);
        if (! $isFed && $food === null && ! $isCounted) {
            return false;
        }
        $portion = $this->portion($tokens, $food, $context);
        if ($portion === null) {
            $tokens->position = $isFed ? $tokens->position : $start;

            return $isFed ? throw InvalidEntry::noFigure('fed', '6 g pellet') : false;
        }
        $draft->add($portion, $start);

        return true;
    }

    /** Takes "6 g pellet", "2 cubes", "a sheet"; null where no amount stands here. */
    public function portion(Tokens $tokens, ?Food $food, Context $context): ?Feed
    {
        $tokens->take('about', 'around');
        $amount = $tokens->amount(Dimension::Mass) ?? ($tokens->take('a') ? WrittenAmount::one() : null);
        if ($amount === null) {
            return null;
        }
        if ($amount->unit === null) {
            return $this->counted($tokens, $amount, $food, $context);
        }
        $tokens->take('of');

        return Feed::of($amount->base(Unit::Gram), $food ?? $this->food($tokens));
    }

    public function words(): array
    {
        return ['fed', 'feed', 'nori', 'pellets', 'frozen'];
    }

    /** A figure without a unit is a number of something; without that something it says nothing. */
    private function counted(Tokens $tokens, WrittenAmount $amount, ?Food $food, Context $context): Feed
    {
        $unit = $this->unit($tokens->peek()->word ?? '');
        // "1 frozen cube" is one cube, "2 frozen" are two.
        $isNext = $this->unit($tokens->peek(1)->word ?? '') !== null;
        if ($unit === null || $tokens->peek()?->word === 'frozen' && $isNext) {
            $food ??= $this->food($tokens);
            $unit = $this->unit($tokens->peek()->word ?? '');
        }
        if ($unit !== null) {
            $tokens->position++;
            $tokens->take('of');
        }
        $unit ??= match ($food) {
            Food::Frozen => 'cube',
            Food::Seaweed => 'sheet',
            default => throw InvalidEntry::inWhat("fed {$amount->written}", [
                'g '.($food->value ?? 'pellet'),
                'pinches '.($food->value ?? 'flake'),
                'cubes',
            ]),
        };
        [$each, $isOf] = self::COUNTS[$unit];
        $many = $amount->number <= 1.0 ? '' : ($unit === 'pinch' ? 'es' : 's');

        return Feed::of(
            $amount->number * $context->assumptions->value($each),
            $food ?? $this->food($tokens) ?? $isOf,
            "{$amount->written} {$unit}{$many}",
        );
    }

    /** What is counted by a word; null where it counts nothing. */
    private function unit(string $word): ?string
    {
        $one = ['pinches' => 'pinch', 'frozen' => null][$word] ?? rtrim($word, 's');

        return isset(self::COUNTS[$one]) ? $one : null;
    }

    private function food(Tokens $tokens): ?Food
    {
        $food = self::FOODS[$tokens->peek()->word ?? ''] ?? null;
        $tokens->position += $food === null ? 0 : 1;

        return $food;
    }
}
