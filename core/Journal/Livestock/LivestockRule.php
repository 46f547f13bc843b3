<?php

declare(strict_types=1);

namespace Ithys\Journal\Livestock;

use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;

/** "added 2 fish", "new coral", "3 snails died", "lost a goby". */
final class LivestockRule implements Rule
{
    private const ANIMALS = [
        'fish', 'fishes', 'coral', 'corals', 'frag', 'frags', 'snail', 'snails', 'crab', 'crabs', 'shrimp', 'shrimps',
        'urchin', 'urchins', 'starfish', 'star', 'stars', 'anemone', 'anemones', 'clam', 'clams', 'clownfish', 'goby',
        'gobies', 'wrasse', 'wrasses', 'tang', 'tangs', 'blenny', 'blennies', 'cardinal', 'cardinals', 'damsel',
        'damsels', 'cucumber', 'cucumbers', 'conch', 'conches', 'hermit', 'hermits', 'pods', 'copepods', 'animal',
        'animals',
    ];

    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        $fate = $this->fate($tokens);
        $count = $this->count($tokens);
        $what = $this->what($tokens);
        if ($what !== null) {
            $tokens->take('has', 'have', 'was', 'were');
        }
        $fate ??= $what === null ? null : $this->fate($tokens);
        if ($fate === null || $what === null) {
            $tokens->position = $start;

            return false;
        }
        $draft->add(Livestock::of($fate, $count, $what), $start);

        return true;
    }

    public function words(): array
    {
        return ['added', 'removed', 'fish', 'coral'];
    }

    private function fate(Tokens $tokens): ?Fate
    {
        $fate = Fate::of($tokens->peek()->word ?? '');
        $tokens->position += $fate === null ? 0 : 1;

        return $fate;
    }

    private function count(Tokens $tokens): float
    {
        if ($tokens->take('a', 'an', 'one', 'the', 'my')) {
            return 1.0;
        }
        if (preg_match('~^[1-9]\d{0,3}$~', $tokens->peek()->word ?? '') !== 1) {
            return 1.0;
        }

        return (float) ($tokens->at($tokens->position++)->word ?? 1);
    }

    /** Up to three words, of which the last is an animal; null where there is none. */
    private function what(Tokens $tokens): ?string
    {
        for ($words = 3; $words > 0; $words--) {
            $taken = array_map(static fn (int $at): string => $tokens->peek($at)->word ?? '', range(0, $words - 1));
            $areNames = array_filter(
                $taken,
                static fn (string $word): bool => preg_match('~^[^\W\d_]~u', $word) !== 1
                    || Fate::of($word) !== null || in_array($word, Tokens::BESIDE, true),
            ) === [];
            if ($areNames && in_array($taken[$words - 1], self::ANIMALS, true)) {
                return $tokens->takeText($words);
            }
        }

        return null;
    }
}
