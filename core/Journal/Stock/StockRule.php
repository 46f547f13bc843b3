<?php

declare(strict_types=1);

namespace Ithys\Journal\Stock;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Quantity\Dimension;

/** "stock 250 g", "stock 3 small fish 1 large fish growing 1 % a week", "visitors 40 g for 2 weeks". */
final class StockRule implements Rule
{
    private const SIZES = ['small', 'medium', 'large'];

    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        $areVisitors = $tokens->take('visitors', 'visitor');
        if (! $areVisitors && ! $tokens->takePhrase(['fish', 'stock']) && ! $tokens->take('stock')) {
            return false;
        }
        $tokens->take('weighs', 'weigh', 'is', 'now', 'of');
        $said = $areVisitors ? 'visitors' : 'stock';
        $counted = $areVisitors ? null : $this->counted($tokens, $context);
        if ($counted !== null) {
            $draft->add(Stock::living($counted[0], $this->growth($tokens), $counted[1]), $start);

            return true;
        }
        $amount = $tokens->amount(Dimension::Mass) ?? throw InvalidEntry::noFigure($said, '250 g');
        $unit = $amount->unit ?? throw InvalidEntry::inWhat("{$said} {$amount->written}", ['g', 'oz']);
        if ($areVisitors) {
            $tokens->take('for', 'stay', 'staying');
            $days = $tokens->days() ?? throw InvalidEntry::noFigure('visitors 40 g for', '14 days');
            $draft->add(Stock::visiting($amount->base($unit), $days), $start);

            return true;
        }
        $draft->add(Stock::living($amount->base($unit), $this->growth($tokens)), $start);

        return true;
    }

    private function growth(Tokens $tokens): float
    {
        if (! $tokens->take('growing', 'grows', 'growth')) {
            return 0.0;
        }
        $growth = $tokens->percent() ?? throw InvalidEntry::noFigure('growing', '1 %');
        $tokens->takePhrase(['a', 'week']) || $tokens->takePhrase(['per', 'week']) || $tokens->take('weekly');

        return $growth;
    }

    /**
     * Animals by number and size, such as "3 small fish and 1 large fish".
     *
     * @return ?array{float, string} g, and how they were counted; null where they are weighed
     */
    private function counted(Tokens $tokens, Context $context): ?array
    {
        $grams = 0.0;
        $parts = [];
        while (preg_match('~^\d{1,3}$~', $tokens->peek()->word ?? '') === 1
            && in_array($tokens->peek(1)->word ?? '', self::SIZES, true)
            && in_array($tokens->peek(2)->word ?? '', ['fish', 'fishes'], true)) {
            $number = (int) ($tokens->peek()->word ?? '');
            $size = $tokens->peek(1)->word ?? '';
            $tokens->position += 3;
            $tokens->take('and', '+');
            $grams += $number * $context->assumptions->value("fish-{$size}");
            $parts[] = "{$number} {$size} fish";
        }

        return $parts === [] ? null : [$grams, implode(' ', $parts)];
    }

    public function words(): array
    {
        return ['stock', 'visitors'];
    }
}
