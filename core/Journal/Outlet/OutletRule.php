<?php

declare(strict_types=1);

namespace Ithys\Journal\Outlet;

use Ithys\Journal\InvalidEntry;
use Ithys\Journal\MediaCharge\Container;
use Ithys\Journal\MediaCharge\Place;
use Ithys\Journal\QuickEntry\Context;
use Ithys\Journal\QuickEntry\Draft;
use Ithys\Journal\QuickEntry\Rule;
use Ithys\Journal\QuickEntry\Tokens;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Unit;

/** "reactor po4 in 0.08 out 0.03"; the reactor by its name where there are several. */
final class OutletRule implements Rule
{
    public function read(Tokens $tokens, Draft $draft, Context $context): bool
    {
        $start = $tokens->position;
        $at = $this->at($tokens, $context->containers);
        if ($at === false || ! $tokens->take('po4', 'phosphate') || ! $tokens->take('in')) {
            $tokens->position = $start;

            return false;
        }
        $in = $this->level($tokens);
        $tokens->take('out') || throw InvalidEntry::noFigure('reactor po4 in 0.08 out', '0.03');
        $draft->add(Outlet::of($in, $this->level($tokens), $at), $start);

        return true;
    }

    public function words(): array
    {
        return [];
    }

    private function level(Tokens $tokens): float
    {
        $amount = $tokens->amount(Dimension::Concentration)
            ?? throw InvalidEntry::noFigure('reactor po4 in', '0.08 out 0.03');

        return $amount->base(Unit::PartPerMillion);
    }

    /**
     * @param  list<Container>  $containers
     * @return Container|null|false null for a reactor without a name, false where none stands here
     */
    private function at(Tokens $tokens, array $containers): Container|null|false
    {
        $reactors = array_values(array_filter(
            $containers,
            static fn (Container $one): bool => $one->place === Place::Reactor,
        ));
        foreach ($reactors as $one) {
            if ($tokens->takePhrase($one->words())) {
                return $one;
            }
        }

        return ! $tokens->take('reactor') ? false : (count($reactors) === 1 ? $reactors[0] : null);
    }
}
