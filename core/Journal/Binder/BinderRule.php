<?php

declare(strict_types=1);

namespace Ithys\Journal\Binder;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Quantity\Dimension;

/** "lanthanum 5 ml". */
final class BinderRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        if (! $tokens->take('lanthanum')) {
            return false;
        }
        $tokens->take('chloride');
        $amount = $tokens->amount(Dimension::Volume) ?? throw InvalidEntry::noFigure('lanthanum', '5 ml');
        $unit = $amount->unit ?? throw InvalidEntry::inWhat("lanthanum {$amount->written}", ['ml']);
        $held = null;
        if ($tokens->take('holding', 'with')) {
            $in = $tokens->amount(Dimension::Mass) ?? throw InvalidEntry::noFigure('lanthanum 5 ml holding', '100 mg');
            $held = 1000 * $in->base($in->unit ?? throw InvalidEntry::inWhat("holding {$in->written}", ['mg', 'g']));
        }
        $draft->add(Binder::of($amount->base($unit) * 1000, $held), $start);

        return true;
    }

    public function words(): array
    {
        return ['lanthanum'];
    }
}
