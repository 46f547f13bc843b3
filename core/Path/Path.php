<?php

declare(strict_types=1);

namespace Ithys\Path;

use Ithys\Document\Refused;
use Ithys\Water\Tank;

/**
 * The filtration of a tank in flow order: a main line, branches, further tanks on the same sump, and parts taken out.
 */
final readonly class Path
{
    public const FORMAT = 'ithys-path';

    public const SCHEMA = 1;

    private const MOST_ITEMS = 120;

    private const MOST_LINES = 16;

    /**
     * @param  non-empty-list<Line>  $lines  the main line first
     * @param  list<Item>  $removed
     * @param  array<string, string>  $without  by {@see Stage}: why a stage is left out on purpose
     */
    private function __construct(
        public string $name,
        public Style $style,
        /** Flow through the display and this path, L/h; null takes what the tank's description gives. */
        public ?float $litresPerHour,
        public Stock $stockNow,
        public Stock $stockPlanned,
        public array $without,
        public array $lines,
        public array $removed,
    ) {
    }

    /**
     * @param  list<Line>  $lines
     * @param  list<Item>  $removed
     * @param  array<string, string>  $without
     *
     * @throws Refused when an item stands in two places, lines feed only each other, or there are two return pumps
     */
    public static function of(
        string $name,
        Style $style,
        ?float $litresPerHour,
        Stock $now,
        Stock $planned,
        array $without,
        array $lines,
        array $removed = [],
    ): self {
        $main = array_values(array_filter($lines, static fn (Line $line): bool => $line->isMain()));
        if (count($main) !== 1) {
            throw Refused::whole('path', 'A path has one main line, from the display and back to it.');
        }
        if (count($lines) > self::MOST_LINES) {
            throw Refused::whole(
                'path',
                sprintf('A path can have %d lines; this one has %d.', self::MOST_LINES, count($lines)),
            );
        }
        $path = new self(
            $name,
            $style,
            $litresPerHour,
            $now,
            $planned,
            array_filter($without, static fn (string $why): bool => $why !== ''),
            [$main[0], ...array_values(array_filter($lines, static fn (Line $line): bool => ! $line->isMain()))],
            $removed,
        );
        $path->refuseWhatCannotBe();

        return $path;
    }

    public function main(): Line
    {
        return $this->lines[0];
    }

    /** @return list<Item> every item on the path, the main line's first */
    public function items(): array
    {
        return array_merge(...array_map(static fn (Line $line): array => $line->items, $this->lines));
    }

    /** @return list<Item> */
    public function itemsOf(Kind ...$kinds): array
    {
        return array_values(
            array_filter($this->items(), static fn (Item $item): bool => in_array($item->kind, $kinds, true)),
        );
    }

    public function find(string $id): ?Item
    {
        foreach ($this->items() as $item) {
            if ($item->id === $id) {
                return $item;
            }
        }

        return null;
    }

    public function lineOf(string $itemId): ?Line
    {
        foreach ($this->lines as $line) {
            foreach ($line->items as $item) {
                if ($item->id === $itemId) {
                    return $line;
                }
            }
        }

        return null;
    }

    /** @return list<Line> the lines that hang on the main line or on each other */
    public function branches(): array
    {
        return array_slice($this->lines, 1);
    }

    /**
     * A described tank with the flow and the further tanks of this path; what the drawn sump computes goes before what
     * is described.
     */
    public function tank(Tank $described, Drawn $drawn = new Drawn): Tank
    {
        $flow = $this->litresPerHour ?? $described->filterLitresPerHour;

        return $described->with(
            $drawn->sumpLitres ?? $described->beside->sumpLitres,
            $drawn->litresPerHour ?? ($flow === null ? null : $flow + $this->furtherTankLitresPerHour()),
            $this->furtherTankLitres(),
        );
    }

    /**
     * What stands on the main line after the return pump and needs an open chamber; nothing where the filter has none.
     *
     * @return list<Item>
     */
    public function beyondReturn(): array
    {
        return $this->style->hasOpenChambers()
            ? array_values(array_filter(
                $this->behindReturn(),
                static fn (Item $item): bool => ! $item->kind->worksUnderPressure(),
            ))
            : [];
    }

    /** @return list<Item> what the main line has after the return pump */
    private function behindReturn(): array
    {
        foreach ($this->main()->items as $i => $item) {
            if ($item->kind === Kind::ReturnPump) {
                return array_slice($this->main()->items, $i + 1);
            }
        }

        return [];
    }

    /** Whether the return pump drives the water through it: behind the pump, or in a closed filter. */
    public function isFedByReturn(Item $item): bool
    {
        $line = $this->lineOf($item->id);
        if ($line === null) {
            return false;
        }
        if (! $line->isMain()) {
            $source = $line->from === null ? null : $this->find($line->from);

            return $source?->kind === Kind::ReturnPump
                || ($source !== null && $this->isFedByReturn($source) && $source->kind->worksUnderPressure());
        }

        return ! $this->style->hasOpenChambers() || in_array($item, $this->behindReturn(), true);
    }

    /** @return list<Line> further tanks on the same sump */
    public function furtherTanks(): array
    {
        return array_values(array_filter($this->lines, static fn (Line $line): bool => $line->isTank));
    }

    /** Water in further tanks on the same sump, L. */
    public function furtherTankLitres(): float
    {
        return array_sum(array_map(static fn (Line $line): float => $line->tankLitres ?? 0.0, $this->lines));
    }

    /** Flow those tanks add to that of the display, L/h. */
    public function furtherTankLitresPerHour(): float
    {
        return array_sum(
            array_map(static fn (Line $line): float => $line->isTank ? $line->litresPerHour ?? 0.0 : 0.0, $this->lines),
        );
    }

    /** @return array<string, mixed> the document, schema {@see Path::SCHEMA} */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT,
            'schema' => self::SCHEMA,
            'name' => $this->name,
            'style' => $this->style->value,
            'litresPerHour' => $this->litresPerHour,
            'stockNow' => $this->stockNow->value,
            'stockPlanned' => $this->stockPlanned->value,
            ...($this->without === [] ? [] : ['without' => $this->without]),
            'lines' => array_map(static fn (Line $line): array => $line->toArray(), $this->lines),
            ...$this->removed === []
                ? []
                : ['removed' => array_map(static fn (Item $item): array => $item->toArray(), $this->removed)],
        ];
    }

    private function refuseWhatCannotBe(): void
    {
        $seen = [];
        $returns = 0;
        foreach ([...$this->items(), ...$this->removed] as $item) {
            if (isset($seen[$item->id])) {
                throw PathFault::twice($item);
            }
            $seen[$item->id] = true;
        }
        if (count($seen) > self::MOST_ITEMS) {
            throw Refused::whole(
                'path',
                sprintf('A path can have %d items; this one has %d.', self::MOST_ITEMS, count($seen)),
            );
        }
        foreach ($this->itemsOf(Kind::ReturnPump) as $pump) {
            if (++$returns > 1) {
                throw PathFault::twoReturns($pump);
            }
        }
        foreach ($this->branches() as $line) {
            $this->refuseLooseEnd($line, 'from', $line->from);
            $this->refuseLooseEnd($line, 'to', $line->to);
            $this->leadsToMain($line, static fn (Line $at): ?string => $at->from) || throw PathFault::cycle($line);
            $this->leadsToMain($line, static fn (Line $at): ?string => $at->to) || throw PathFault::nowhere($line);
        }
    }

    private function refuseLooseEnd(Line $line, string $end, ?string $itemId): void
    {
        if ($itemId !== null && $this->find($itemId) === null) {
            throw PathFault::noSuchItem($line, $end);
        }
    }

    /** @param  callable(Line): ?string  $end */
    private function leadsToMain(Line $line, callable $end): bool
    {
        $passed = [];
        $at = $line;
        while (! $at->isMain()) {
            if (isset($passed[$at->id])) {
                return false;
            }
            $passed[$at->id] = true;
            $itemId = $end($at);
            $next = $itemId === null ? null : $this->lineOf($itemId);
            if ($next === null) {
                return true; // An end that is still open is a matter for the review.
            }
            $at = $next;
        }

        return true;
    }
}
