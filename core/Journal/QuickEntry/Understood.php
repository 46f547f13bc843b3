<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

use Ithys\Journal\Entry;

/** What a line was understood to say. It may be saved only when it has entries and no problems. */
final readonly class Understood
{
    /**
     * @param  list<Entry>  $entries
     * @param  list<Chip>  $chips
     * @param  list<Problem>  $problems
     * @param  list<string>  $cautions  what to mind before doing it
     */
    public function __construct(
        public array $entries,
        public array $chips,
        public array $problems,
        public array $cautions,
    ) {
    }

    public function mayBeSaved(): bool
    {
        return $this->entries !== [] && $this->problems === [];
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'chips' => array_map(static fn (Chip $chip): array => $chip->toArray(), $this->chips),
            'problems' => array_map(static fn (Problem $problem): array => $problem->toArray(), $this->problems),
            'cautions' => $this->cautions,
            'mayBeSaved' => $this->mayBeSaved(),
        ];
    }
}
