<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Finding;
use Ithys\Path\Item;
use Ithys\Path\Path;
use Ithys\Path\Stage;
use Ithys\Severity;

/** Something takes nitrate, and not phosphate alone. */
final class NitrateTaken implements Rule
{
    /** @return list<Item> what takes up phosphate where nothing takes nitrate; none where something does */
    public static function phosphateAlone(Path $path): array
    {
        $takers = array_values(array_filter(
            $path->items(),
            static fn (Item $item): bool => in_array(Stage::Uptake, $item->stages(), true),
        ));

        return array_filter($takers, static fn (Item $item): bool => $item->takesNitrogen()) === [] ? $takers : [];
    }

    public function judge(Situation $here): iterable
    {
        $takers = self::phosphateAlone($here->path);
        if ($takers === [] || isset($here->path->without[Stage::Uptake->value])) {
            return;
        }
        yield Finding::of(
            Severity::Remark,
            'nitrate-not-taken',
            'Nothing takes up nitrate',
            'The phosphate media of this path bind phosphate and leave nitrate where it is.',
        )
            ->at($takers[0]->id)
            ->because(
                'Nitrate then leaves with water changes and by what the rock denitrifies.',
                'Add a refugium, an algae reactor or a scrubber, or say under the stages why it is left out.',
            );
    }
}
