<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Choice;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** Metric and inch fittings do not mate. */
final class MixedFittings implements Rule
{
    public function judge(Situation $here): iterable
    {
        foreach ($here->path->lines as $line) {
            $last = $line->from === null ? null : $here->path->find($line->from);
            foreach ($line->items as $item) {
                $fitting = $item->choice(Choice::Fitting);
                if ($fitting === null) {
                    // Water that falls into an open chamber joins no pipes.
                    $last = $here->path->style->hasOpenChambers() && ! $item->kind->isInlet() ? null : $last;

                    continue;
                }
                $other = $last?->choice(Choice::Fitting);
                if ($last !== null && $other !== null && $other !== $fitting) {
                    yield self::finding(
                        'fittings-mixed',
                        Text::of(
                            '{last} has {other} fittings, {item} {fitting} ones.',
                            last: $last->title(),
                            other: $other,
                            item: $item->title(),
                            fitting: $fitting,
                        ),
                    )->at($item->id);
                }
                $last = $item;
            }
        }
    }

    /** Two parts that do not mate, wherever they meet. */
    public static function finding(string $code, Text $sentence): Finding
    {
        return Finding::of(Severity::Caution, $code, 'Metric meets inch', $sentence)->because(
            'The pipes look alike, but a 25 mm and a 1 in fitting differ and leak when forced.',
            'Use one system, or a proper adapter between the two.',
        );
    }
}
