<?php

declare(strict_types=1);

namespace Ithys\Path;

/** What a keeper says of an item in words; empty where nothing is said. */
final readonly class ItemWords
{
    public function __construct(
        public string $name = '',
        /** The keeper's own word for the stage it belongs to. */
        public string $tag = '',
        public string $note = '',
        public string $keptBecause = '',
        /** For a part taken out: where it lies. */
        public string $keptWhere = '',
    ) {
    }

    /** @return array<string, string> what is said */
    public function toArray(): array
    {
        $words = [
            'name' => $this->name,
            'tag' => $this->tag,
            'note' => $this->note,
            'keptBecause' => $this->keptBecause,
            'keptWhere' => $this->keptWhere,
        ];

        return array_filter($words, static fn (string $word): bool => $word !== '');
    }
}
