<?php

declare(strict_types=1);

namespace Ithys\Journal\SockChange;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;

/** "sock changed", "changed sock", "socks swapped soiling 4". */
final class SockRule implements Rule
{
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

    private function takeSock(Tokens $tokens): bool
    {
        foreach (self::DONE as $done) {
            if ($tokens->takePair($done, 'sock', 'socks')) {
                return true;
            }
        }
        if (! $tokens->take('sock', 'socks')) {
            return false;
        }
        $tokens->take(...self::DONE);

        return true;
    }
}
