<?php

declare(strict_types=1);

namespace Ithys\Journal\QuickEntry;

use Ithys\Journal\Entry;
use Ithys\Quantity\Text;
use Ithys\Quantity\Words;

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
        /** Why an amount is meant that is asked about. */
        public ?string $because = null,
    ) {
    }

    /**
     * The same with questions that only the tank can ask.
     *
     * @param  array<int, list<Text|string>>  $questions  by the place of an entry
     * @param  string  $line  as it was written
     */
    public function asking(array $questions, Words $words, string $line): self
    {
        if ($questions === [] || $this->because !== null) {
            return $this;
        }
        $problems = $this->problems;
        $each = max(1, count(array_unique(array_map(
            static fn (Entry $entry): int => spl_object_id($entry->payload),
            $this->entries,
        ))));
        $asked = [];
        foreach ($questions as $place => $sentences) {
            $chip = $this->chips[$place % $each] ?? null;
            foreach ($sentences as $sentence) {
                $asked[$words->say($sentence)] ??= [$chip->start ?? 0, $chip->end ?? mb_strlen($line)];
            }
        }
        $sure = rtrim((string) preg_replace('~\s+sure(\s+because)?\s*$~i', '', $line)).' sure because ';
        foreach ($asked as $sentence => [$start, $end]) {
            $problems[] = new Problem(
                "{$sentence} If it is right, add “sure because” and your reason.",
                $start,
                $end,
                [$sure],
            );
        }

        return new self($this->entries, $this->chips, $problems, $this->cautions, $this->because);
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
