<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Assumption\Assumptions;
use Ithys\Finding;
use Ithys\Path\Item;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** Big bits first, fine bits last. */
final class CoarseBeforeFine implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->path->items() as $item) {
            $fineness = $item->fineness($here->assumptions);
            if ($fineness === null) {
                continue;
            }
            $finer = $this->finerBefore($here->course->before($item), $fineness, $here->assumptions);
            if ($finer !== null) {
                yield Finding::of(
                    Severity::Caution,
                    'fine-before-coarse',
                    'Fine before coarse',
                    Text::of(
                        '{finer} catches finer than {item} and stands before it, so {item} has nothing left to catch.',
                        finer: $finer->title(),
                        item: $item->title(),
                    ),
                )
                    ->at($item->id)
                    ->because(
                        'The fine stage clogs on what the coarse one should have taken.',
                        Text::of('Set {item} before {finer}.', item: $item->title(), finer: $finer->title()),
                    );
            }
        }
    }

    /**
     * A pad after something that sheds is a catch, not the next mechanical stage.
     *
     * @param  list<Item>  $before  nearest first
     */
    private function finerBefore(array $before, int $fineness, Assumptions $assumptions): ?Item
    {
        foreach ($before as $item) {
            if ($item->isBiologicalOrChemical() || $item->kind->isAlgae()) {
                return null;
            }
            if (($item->fineness($assumptions) ?? 0) > $fineness) {
                return $item;
            }
        }

        return null;
    }
}
