<?php

declare(strict_types=1);

namespace Ithys\Path;

/** Where the water goes through a path, and how much of it. */
final class Course
{
    /** @var array<string, ?float> flow that reaches an item, L/h, all units together */
    private array $flows = [];

    /** @var array<string, ?float> flow that leaves a line at its end, L/h */
    private array $outflows = [];

    /** @param  ?float  $mainLitresPerHour  flow from the display into the main line */
    public function __construct(private readonly Path $path, private readonly ?float $mainLitresPerHour)
    {
        foreach ($path->lines as $line) {
            $this->outflow($line);
        }
    }

    /**
     * Flow that reaches the item, all its units together, L/h; null while not known, below zero where branches take
     * more than there is.
     */
    public function flowAt(Item $item): ?float
    {
        return $this->flows[$item->id] ?? null;
    }

    /** Flow through one of the units that stand side by side, L/h. */
    public function flowEach(Item $item): ?float
    {
        $flow = $this->flowAt($item);

        return $flow === null ? null : $flow / $item->count();
    }

    /** @return list<Item> what the water meets after this item until it is back in the tank, nearest first */
    public function after(Item $item): array
    {
        $line = $this->path->lineOf($item->id);
        $items = [];
        $from = $item->id;
        $passed = [];
        while ($line !== null && ! isset($passed[$line->id])) {
            $passed[$line->id] = true;
            array_push($items, ...self::slice($line, $from, after: true));
            $entry = $line->isMain() || $line->to === null ? null : $this->path->find($line->to);
            $line = $entry === null ? null : $this->path->lineOf($entry->id);
            if ($entry !== null) {
                $items[] = $entry;
                $from = $entry->id;
            }
        }

        return $items;
    }

    /** @return list<Item> what the water has met before this item since it left the tank, nearest first */
    public function before(Item $item): array
    {
        $line = $this->path->lineOf($item->id);
        $items = [];
        $at = $item->id;
        $passed = [];
        while ($line !== null && ! isset($passed[$line->id])) {
            $passed[$line->id] = true;
            array_push($items, ...array_reverse(self::slice($line, $at, after: false)));
            $source = $line->from === null ? null : $this->path->find($line->from);
            $line = $source === null ? null : $this->path->lineOf($source->id);
            if ($source !== null) {
                $items[] = $source;
                $at = $source->id;
            }
        }

        return $items;
    }

    private function outflow(Line $line): ?float
    {
        if (array_key_exists($line->id, $this->outflows)) {
            return $this->outflows[$line->id];
        }
        $flow = $line->isMain() ? $this->mainLitresPerHour : $line->litresPerHour;
        foreach ($line->items as $item) {
            foreach ($this->path->branches() as $branch) {
                if ($branch->to === $item->id) {
                    $flow = self::plus($flow, $this->outflow($branch) ?? 0.0);
                }
            }
            $this->flows[$item->id] = $flow;
            foreach ($this->path->branches() as $branch) {
                if ($branch->from === $item->id) {
                    $flow = self::plus($flow, -($branch->litresPerHour ?? 0.0));
                }
            }
        }

        return $this->outflows[$line->id] = $flow;
    }

    private static function plus(?float $flow, float $more): ?float
    {
        return $flow === null ? null : $flow + $more;
    }

    /** @return list<Item> */
    private static function slice(Line $line, string $itemId, bool $after): array
    {
        foreach ($line->items as $i => $item) {
            if ($item->id === $itemId) {
                return $after ? array_slice($line->items, $i + 1) : array_slice($line->items, 0, $i);
            }
        }

        return [];
    }
}
