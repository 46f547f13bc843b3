<?php

declare(strict_types=1);

namespace Ithys\Care;

use Ithys\Journal\Entry;
use Ithys\Journal\Incident\Incident;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** What went wrong of one kind, how often, and what it cost as far as that was logged. */
final readonly class Mishaps
{
    /** @param  list<Incident>  $all */
    private function __construct(public string $what, private array $all)
    {
    }

    /**
     * @param  list<Entry>  $entries
     * @return list<self> the most frequent first
     */
    public static function of(array $entries): array
    {
        $kinds = [];
        foreach ($entries as $entry) {
            if ($entry->payload instanceof Incident) {
                $kinds[$entry->payload->what][] = $entry->payload;
            }
        }
        uasort($kinds, static fn (array $a, array $b): int => count($b) <=> count($a));

        return array_map(
            static fn (string $what, array $all): self => new self($what, $all),
            array_keys($kinds),
            array_values($kinds),
        );
    }

    public function times(): int
    {
        return count($this->all);
    }

    /** "12 L of water (2 of 3 times)"; what is not logged is not counted as none. */
    public function cost(): Text
    {
        $water = $this->sum(static fn (Incident $one): ?float => $one->litres);
        $work = $this->sum(static fn (Incident $one): ?float => $one->minutes);
        $parts = [];
        if ($water !== null) {
            $parts[] = Text::of(
                '{litres} of water'.$this->share($water[1]),
                litres: Quantity::base($water[0], Dimension::Volume),
            );
        }
        if ($work !== null) {
            $parts[] = Text::of(
                '{minutes} minutes'.$this->share($work[1]),
                minutes: Quantity::number(Quantity::significant($work[0], 2)),
            );
        }

        return $parts === [] ? Text::wrap('cost not logged') : Text::join(', ', $parts);
    }

    /**
     * @param  callable(Incident): ?float  $of
     * @return ?array{float, int} the sum, and of how many
     */
    private function sum(callable $of): ?array
    {
        $known = array_filter(array_map($of, $this->all), static fn (?float $one): bool => $one !== null);

        return $known === [] ? null : [array_sum($known), count($known)];
    }

    private function share(int $known): string
    {
        return $known === $this->times() ? '' : " ({$known} of {$this->times()} times)";
    }
}
