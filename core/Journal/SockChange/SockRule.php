<?php

declare(strict_types=1);

namespace Ithys\Journal\SockChange;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Journal\Reading\Parameter;

/** "sock changed", "changed sock", "socks swapped soiling 4". */
final class SockRule implements Rule
{
    private const NAMES = ['sock', 'socks', 'the sock', 'the socks', 'filter sock', 'both socks'];

    private const DONE = ['changed', 'change', 'swapped', 'swap', 'new'];

    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        if (! $this->takeSock($tokens)) {
            return false;
        }
        $soiling = null;
        if ($tokens->take('soiling', 'soiled')) {
            $soiling = ($tokens->amount() ?? throw InvalidEntry::noFigure('soiling', '4'))->number;
        }
        $draft->add(SockChange::of($soiling), $start);

        return true;
    }

    public function words(): array
    {
        return ['sock', 'socks'];
    }

    /** Whether a word begins something else: a figure, a moment, another entry. */
    private function isBeside(string $word): bool
    {
        return preg_match('~^\d~', $word) === 1
            || in_array($word, Tokens::BESIDE, true)
            || Parameter::fromWord($word) !== null;
    }

    private function takeSock(Tokens $tokens): bool
    {
        foreach (self::DONE as $done) {
            foreach (self::NAMES as $sock) {
                if ($tokens->takePhrase([$done, ...explode(' ', $sock)])) {
                    return true;
                }
            }
        }
        if (! in_array($tokens->peek()?->word, ['sock', 'socks'], true)) {
            return false;
        }
        // "sock dirty but left in" is no change: a bare "sock" is, and one that is said to be done.
        $next = $tokens->peek(1)->word ?? '';
        if (! in_array($next, self::DONE, true) && levenshtein($next, 'changed') <= 2) {
            $written = $tokens->takeText(2);
            throw InvalidEntry::misspelt($written, 'sock changed');
        }
        if (! in_array($next, ['', 'and', 'soiling', 'soiled', ...self::DONE], true) && ! $this->isBeside($next)) {
            return false;
        }
        $tokens->position++;
        $tokens->take(...self::DONE);

        return true;
    }
}
