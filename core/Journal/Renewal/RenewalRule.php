<?php

declare(strict_types=1);

namespace Ithys\Journal\Renewal;

use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;

/** "renewed a third of the bio media", "renewed 33 % of the bio media", "bio media third renewed". */
final class RenewalRule implements Rule
{
    private const SHARES = ['third' => 1 / 3, 'half' => 0.5, 'quarter' => 0.25, 'all' => 1.0, 'thirds' => 2 / 3];

    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        $share = null;
        $isRenewed = $tokens->take('renewed', 'replaced');
        if ($isRenewed) {
            $share = $this->share($tokens);
            $tokens->take('of');
            $tokens->take('the', 'my');
        }
        $isMedia = $tokens->takePair('bio', 'media') || $tokens->takePair('biological', 'media');
        $share ??= $isMedia ? $this->share($tokens) : null;
        if (! $isMedia || $share === null || (! $isRenewed && ! $tokens->take('renewed', 'replaced'))) {
            $tokens->position = $start;

            return false;
        }
        $draft->add(Renewal::of($share, $context->renewed), $start);

        return true;
    }

    public function words(): array
    {
        return ['renewed'];
    }

    private function share(Tokens $tokens): ?float
    {
        $start = $tokens->position;
        $tokens->take('a', 'one', 'two');
        $share = self::SHARES[$tokens->peek()->word ?? ''] ?? null;
        if ($share !== null) {
            $tokens->position++;

            return $share;
        }
        $tokens->position = $start;

        return $tokens->percent();
    }
}
