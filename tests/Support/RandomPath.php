<?php

declare(strict_types=1);

namespace Tests\Support;

use Ithys\Media\Medium;
use Ithys\Path\Choice;
use Ithys\Path\Figure;
use Ithys\Path\Flag;
use Ithys\Path\Item;
use Ithys\Path\ItemWords;
use Ithys\Path\Kind;
use Ithys\Path\Line;
use Ithys\Path\Load;
use Ithys\Path\Path;
use Ithys\Path\Stage;
use Ithys\Path\Stock;
use Ithys\Path\Style;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Paths as nobody would lay them, the same for the same seed, for laws that hold for every path. */
final class RandomPath
{
    private Randomizer $random;

    private int $marks = 0;

    private function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public static function of(int $seed): Path
    {
        return (new self($seed))->path();
    }

    private function path(): Path
    {
        $main = $this->items($this->random->getInt(1, 14), true);
        $lines = [new Line(Line::MAIN, $main)];
        $reachable = $main;
        for ($n = $this->random->getInt(0, 3); $n > 0; $n--) {
            $items = $this->items($this->random->getInt(0, 4), false);
            $tank = $this->random->getInt(0, 3) === 0;
            $end = fn (): ?string => $this->random->getInt(0, 5) === 0
                ? null
                : $reachable[$this->random->getInt(0, count($reachable) - 1)]->id;
            $lines[] = new Line(
                "line-{$n}",
                $items,
                '',
                $tank ? null : $end(),
                $end(),
                $this->maybe(20.0, 900.0),
                $tank,
                $tank ? $this->maybe(20.0, 300.0) : null,
            );
            $reachable = [...$reachable, ...$items];
        }
        $without = [];
        foreach (Stage::cases() as $stage) {
            $this->random->getInt(0, 3) > 0 ?: $without[$stage->value] = 'on purpose';
        }

        return Path::of(
            'Random',
            $this->pick(Style::cases()),
            $this->maybe(100.0, 5000.0),
            $this->pick(Stock::cases()),
            $this->pick(Stock::cases()),
            $without,
            $lines,
            $this->items($this->random->getInt(0, 2), false),
        );
    }

    /** @return list<Item> */
    private function items(int $count, bool $mayReturn): array
    {
        $items = [];
        for ($i = 0; $i < $count; $i++) {
            $kind = $this->pick(Kind::cases());
            $second
                = $kind === Kind::ReturnPump
                && (! $mayReturn || array_filter($items, fn (Item $one) => $one->kind === Kind::ReturnPump) !== []);
            $items[] = $this->item($second ? Kind::FeedPump : $kind);
        }

        return $items;
    }

    private function item(Kind $kind): Item
    {
        $figures = $choices = $flags = $media = [];
        foreach (Figure::cases() as $figure) {
            if ($this->random->getInt(0, 3) === 0) {
                [$least, $most] = $figure->bounds();
                $figures[$figure->value] = $figure->isWhole()
                    ? (float) $this->random->getInt((int) $least, 5)
                    : round($least + ($this->random->getInt(0, 1000) / 1000) ** 3 * (min($most, 5000.0) - $least), 3);
            }
        }
        foreach (Choice::cases() as $choice) {
            $this->random->getInt(0, 2) > 0
            ?: ($choices[$choice->value] = (string) $this->pick(array_keys($choice->options())));
        }
        foreach (Flag::cases() as $flag) {
            $this->random->getInt(0, 3) > 0 ?: $flags[] = $flag;
        }
        for ($n = $kind->holdsMedia() ? $this->random->getInt(0, 3) : 0; $n > 0; $n--) {
            $media[] = new Load($this->pick(Medium::cases()), $this->maybe(5.0, 500.0));
        }

        return new Item(
            'm'.$this->marks++,
            $kind,
            new ItemWords($this->random->getInt(0, 1) === 0 ? '' : 'Named & “odd” <b>', 'tag', '', '', ''),
            $figures,
            $choices,
            $flags,
            $media,
        );
    }

    private function maybe(float $least, float $most): ?float
    {
        return $this->random->getInt(0, 3) === 0
            ? null
            : round($least + ($this->random->getInt(0, 1000) / 1000) * ($most - $least), 2);
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return T
     */
    private function pick(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
