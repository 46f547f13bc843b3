<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Item;
use Ithys\Severity;

/** Big bits first, fine bits last. */
final class CoarseBeforeFine implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->path->items() as $item) {
            $fineness = $item->fineness();
            if ($fineness === null) {
                continue;
            }
            $finer = $this->finerBefore($here->course->before($item), $fineness);
            if ($finer !== null) {
                yield Finding::of(
                    Severity::Caution,
                    'fine-before-coarse',
                    'Fine before coarse',
                    "{$finer->title()} catches finer than {$item->title()} and stands before it, so {$item->title()} "
                        .'has nothing left to catch.',
                )
                    ->at($item->id)
                    ->because(
                        'The fine stage clogs on what the coarse one should have taken.',
                        "Set {$item->title()} before {$finer->title()}.",
                    );
            }
        }
    }

    /**
     * A pad after something that sheds is a catch, not the next mechanical stage.
     *
     * @param  list<Item>  $before  nearest first
     */
    private function finerBefore(array $before, int $fineness): ?Item
    {
        foreach ($before as $item) {
            if ($item->isBiologicalOrChemical() || $item->kind->isAlgae()) {
                return null;
            }
            if (($item->fineness() ?? 0) > $fineness) {
                return $item;
            }
        }

        return null;
    }
}
