<?php

declare(strict_types=1);

namespace Ithys\Path\Review;

use Ithys\Assumption\Assumptions;
use Ithys\Path\Course;
use Ithys\Path\Drawn;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\Path;
use Ithys\Water\Tank;

/** A path in the tank it stands in, with the flow it gets, as a reviewer sees it. */
final readonly class Situation
{
    public Course $course;

    /** The tank with the flow and the water it has along this path. */
    public Tank $along;

    /** Defaults as its tank has them. */
    public Assumptions $assumptions;

    /** Water the path works on, L. */
    public float $workingLitres;

    /** Flow through the filter, from all its tanks, L/h; null while not known. */
    public ?float $litresPerHour;

    /** @param  Tank  $tank  as described */
    public function __construct(
        public Path $path,
        public Tank $tank,
        public Drawn $drawn = new Drawn(),
    ) {
        $this->assumptions = $tank->assumptions;
        $in = $this->along = $path->tank($tank, $drawn);
        $this->litresPerHour = $in->filterLitresPerHour;
        $this->workingLitres = $in->workingVolume()->litres;
        // A drawn pump gives so much in all, and no more: what further tanks get the display lacks.
        $this->course = new Course($path, $drawn->litresPerHour === null
            ? $path->litresPerHour ?? $tank->filterLitresPerHour
            : max(0.0, $drawn->litresPerHour - $path->furtherTankLitresPerHour()));
    }

    /** Whether any of these kinds stands on the path. */
    public function has(Kind ...$kinds): bool
    {
        return $this->path->itemsOf(...$kinds) !== [];
    }

    /**
     * The first of the items for which the test holds.
     *
     * @param  list<Item>  $items
     * @param  callable(Item): bool  $test
     */
    public static function first(array $items, callable $test): ?Item
    {
        foreach ($items as $item) {
            if ($test($item)) {
                return $item;
            }
        }

        return null;
    }
}
