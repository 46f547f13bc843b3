<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Item;
use Ithys\Path\Path;
use Ithys\Path\Stage;
use Ithys\Quantity\Text;
use Ithys\Severity;

/**
 * Catch solids, skim organics, take up nitrate and phosphate: which of the three a path has, and what stands in for the
 * rest.
 */
final class ThreeStages implements Rule
{
    /** @return array<string, list<string>> by {@see Stage}: the ids of the items that serve it */
    public static function of(Path $path): array
    {
        $served = array_fill_keys(array_map(static fn (Stage $stage): string => $stage->value, Stage::cases()), []);
        $idle = array_map(static fn (Item $item): string => $item->id, $path->beyondReturn());
        foreach ($path->items() as $item) {
            foreach (in_array($item->id, $idle, true) ? [] : $item->stages() as $stage) {
                $served[$stage->value][] = $item->id;
            }
        }

        return $served;
    }

    public function judge(Situation $here): iterable
    {
        if ($here->path->items() === []) {
            return;
        }
        $served = self::of($here->path);
        foreach (Stage::cases() as $stage) {
            if ($served[$stage->value] !== []) {
                continue;
            }
            $why = $here->path->without[$stage->value] ?? null;
            $school
                = 'Keepers sort a skimmer as mechanical, chemical or a stage of its own; here a stage is what leaves '
                    .'the water by it.';
            yield $why === null
                ? Finding::of(
                    Severity::Caution,
                    "missing-{$stage->value}",
                    Text::of('Nothing {stageVerb}', stageVerb: $stage->verb()),
                    Text::of(
                        '{stage}: no item of this path {stageVerb}.',
                        stage: $stage->label(),
                        stageVerb: $stage->verb(),
                    ),
                )->because($stage->stands(), $stage->remedy(), $school)
                : Finding::of(
                    Severity::Remark,
                    "without-{$stage->value}",
                    Text::of('{stage}: left out on purpose', stage: $stage->label()),
                    Text::of('Because: {why}.', why: $why),
                )->because($stage->stands(), null, $school);
        }
    }
}
