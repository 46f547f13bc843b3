<?php

declare(strict_types=1);

namespace Ithys\Journal\Feed;

use Ithys\Assumption\Assumed;
use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Unit;

/** "fed 6 g pellet", "fed pellet 6 g", "fed 2 cubes". */
final class FeedRule implements Rule
{
    private const FOODS = [
        'pellet' => Food::Pellet, 'pellets' => Food::Pellet, 'flake' => Food::Flake, 'flakes' => Food::Flake,
        'frozen' => Food::Frozen, 'seaweed' => Food::Seaweed, 'nori' => Food::Seaweed,
    ];

    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        if (! $tokens->take('fed', 'feed')) {
            return false;
        }
        $food = $this->food($tokens);
        $amount = $tokens->amount(Dimension::Mass) ?? throw InvalidEntry::noFigure('fed', '6 g pellet');
        $cubes = $amount->unit === null && $tokens->take('cube', 'cubes');
        $food ??= $this->food($tokens) ?? ($cubes ? Food::Frozen : null);
        $draft->add(
            Feed::of(
                $cubes
                    ? $amount->number * $context->assumptions->value(Assumed::FrozenCube)
                    : $amount->base(Unit::Gram),
                $food,
            ),
            $start,
        );

        return true;
    }

    public function words(): array
    {
        return ['fed', 'feed'];
    }

    private function food(Tokens $tokens): ?Food
    {
        $food = self::FOODS[$tokens->peek()->word ?? ''] ?? null;
        $tokens->position += $food === null ? 0 : 1;

        return $food;
    }
}
