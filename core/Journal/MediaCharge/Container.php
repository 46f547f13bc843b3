<?php

declare(strict_types=1);

namespace Ithys\Journal\MediaCharge;

use Ithys\Media\Medium;

/** A bag, basket or reactor of the path in force that a charge can name. */
final readonly class Container
{
    /** @param  list<Medium>  $media  that it is said to hold */
    public function __construct(
        /** The mark of its item of the path. */
        public string $item,
        public string $name,
        public Place $place,
        public array $media = [],
    ) {
    }

    /** @return list<string> its name as a line has it */
    public function words(): array
    {
        return explode(' ', (string) preg_replace('~\s+~u', ' ', trim(mb_strtolower($this->name))));
    }

    /**
     * The one that is meant by its place: that which holds the medium, else the only one there; null where it could be
     * several.
     *
     * @param  list<self>  $all
     */
    public static function meant(array $all, Place $place, Medium $medium): ?self
    {
        $there = array_values(array_filter($all, static fn (self $one): bool => $one->place === $place));
        $holding = array_values(array_filter(
            $there,
            static fn (self $one): bool => in_array($medium, $one->media, true),
        ));
        $meant = $holding === [] ? $there : $holding;

        return count($meant) === 1 ? $meant[0] : null;
    }
}
