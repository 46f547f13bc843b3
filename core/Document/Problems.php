<?php

declare(strict_types=1);

namespace Ithys\Document;

/** What is wrong with a document, each at its place, gathered while it is read. */
final class Problems
{
    /** @var array<string, string> sentence per place */
    private array $sentences = [];

    public function note(string $at, string $sentence): void
    {
        $this->sentences[$at] ??= $sentence;
    }

    public function has(string $at): bool
    {
        return isset($this->sentences[$at]);
    }

    public function at(string $at): string
    {
        return $this->sentences[$at] ?? '';
    }

    /** @throws Refused with all of them, where there are any */
    public function refuse(): void
    {
        if ($this->sentences !== []) {
            throw Refused::places($this->sentences);
        }
    }
}
