<?php

declare(strict_types=1);

namespace Ithys\Sump\Review;

use Ithys\Finding;
use Ithys\Path\Line;
use Ithys\Path\Path;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;
use Ithys\Severity;

/** Further tanks of paths that are drafts: a sump that is drawn with them in mind does not count them yet. */
final class DraftTanks
{
    /**
     * The findings with those tanks told; that a power cut fits is not said while they are not counted.
     *
     * @param  list<Finding>  $findings
     * @param  ?Path  $path  that is installed
     * @param  list<Path>  $drafts
     * @return list<Finding>
     */
    public static function told(array $findings, ?Path $path, array $drafts): array
    {
        $known = array_map(static fn (Line $line): string => $line->id, $path?->furtherTanks() ?? []);
        $told = [];
        foreach ($drafts as $draft) {
            foreach ($draft->furtherTanks() as $line) {
                if (in_array($line->id, $known, true)) {
                    continue;
                }
                $told[] = Finding::of(
                    Severity::Caution,
                    'draft-tank',
                    Text::of('{tank} of a draft is not counted', tank: $line->title()),
                    Text::of(
                        $line->tankLitres === null
                            ? 'The path “{draft}” has a further tank. What comes down of it in a power cut, and the '
                                .'flow it takes, are not in these figures.'
                            : 'The path “{draft}” has a further tank of {litres}. What comes down of it in a power '
                                .'cut, and the flow it takes, are not in these figures.',
                        draft: $draft->name,
                        litres: Quantity::litres($line->tankLitres ?? 0.0),
                    ),
                )->at('#display')->because(
                    'Every tank on the sump drains into it.',
                    'Install that path first, enter its fall and size here, and read these figures again.',
                );
            }
        }

        return $told === [] ? $findings : Finding::gravestFirst([
            ...$told,
            ...array_filter(
                $findings,
                static fn (Finding $finding): bool => $finding->code !== 'power-cut-fits',
            ),
        ]);
    }
}
