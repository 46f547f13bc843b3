<?php

declare(strict_types=1);

namespace Ithys\History;

use DateTimeImmutable;
use Ithys\Journal\Entry;
use Ithys\Journal\MediaCharge\MediaCharge;
use Ithys\Journal\MediaRemoval\MediaRemoval;

/** A charge with when it came and went, by the journal alone. */
final readonly class Stay
{
    private function __construct(
        public int $entry,
        public MediaCharge $charge,
        public DateTimeImmutable $from,
        /** Null while it is in. */
        public ?DateTimeImmutable $to,
    ) {
    }

    /**
     * Every charge, in order of time. A fresh one takes the place of the same medium in the same place, unless it tops
     * that up.
     *
     * @param  list<Entry>  $entries  in order of time
     * @return list<self>
     */
    public static function all(array $entries): array
    {
        $stays = [];
        foreach ($entries as $entry) {
            $payload = $entry->payload;
            if ($payload instanceof MediaRemoval || ($payload instanceof MediaCharge && ! $payload->isTopUp)) {
                $stays = array_map(
                    static fn (self $one): self => $one->to === null && $one->endsBy($payload)
                        ? new self($one->entry, $one->charge, $one->from, $entry->at)
                        : $one,
                    $stays,
                );
            }
            if ($payload instanceof MediaCharge && $entry->id !== null) {
                $stays[] = new self($entry->id, $payload, $entry->at, null);
            }
        }

        return $stays;
    }

    private function endsBy(MediaCharge|MediaRemoval $next): bool
    {
        return $this->charge->medium === $next->medium && ($next instanceof MediaRemoval
            || ($this->charge->item === $next->item && $this->charge->place === $next->place));
    }
}
