<?php

declare(strict_types=1);

namespace Ithys\Path;

use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\Text;

/** What differs between two paths, item by item. */
final readonly class PathDiff
{
    /**
     * @param  list<array{what: string, item: string, detail: Text}>  $changes what is added, removed, moved, changed
     *   or taken out
     */
    private function __construct(public array $changes)
    {
    }

    public static function between(Path $before, Path $after): self
    {
        $was = self::places($before);
        $is = self::places($after);
        $changes = [];
        foreach ($was as $id => [$item, $place]) {
            if (! isset($is[$id])) {
                $changes[] = self::change('taken away', $item, $place);
            }
        }
        $kept = array_keys(array_intersect_key($is, $was));
        $moved = self::moved(
            array_values(array_filter(array_keys($was), static fn (string $id): bool => isset($is[$id]))),
            $kept,
        );
        foreach ($is as $id => [$item, $place]) {
            if (! isset($was[$id])) {
                $changes[] = self::change('added', $item, $place);

                continue;
            }
            [$old, $oldPlace] = $was[$id];
            if ($place !== $oldPlace) {
                $changes[] = self::change('moved', $item, "{$oldPlace}, now {$place}");
            } elseif (isset($moved[$id])) {
                $changes[] = self::change('moved', $item, 'at another place in the order');
            }
            if ($old->toArray() !== $item->toArray()) {
                $changes[] = self::change('changed', $item, Text::join(', ', self::differences($old, $item)));
            }
        }
        foreach (
            [
                [
                    'Flow',
                    self::shown($before->litresPerHour, Figure::FlowLimit),
                    self::shown($after->litresPerHour, Figure::FlowLimit),
                ],
                ['Style', $before->style->label(), $after->style->label()],
                ['Stock now', $before->stockNow->value, $after->stockNow->value],
                ['Stock planned', $before->stockPlanned->value, $after->stockPlanned->value],
            ] as [$name, $a, $b]
        ) {
            if ($a != $b) {
                $changes[] = [
                    'what' => 'changed',
                    'item' => $name,
                    'detail' => Text::of('{was}, now {is}', was: $a, is: $b),
                ];
            }
        }

        return new self($changes);
    }

    /** @return array<string, array{Item, string}> by key, in flow order, with where it stands */
    private static function places(Path $path): array
    {
        $places = [];
        foreach ($path->lines as $line) {
            foreach ($line->items as $item) {
                $places[self::key($item)] = [$item, 'on '.mb_strtolower($line->title())];
            }
        }
        foreach ($path->removed as $item) {
            $places[self::key($item)] = [$item, 'among the parts taken out'];
        }

        return $places;
    }

    /** Two paths made apart may use the same mark for different things. */
    private static function key(Item $item): string
    {
        return "{$item->id} {$item->kind->value}";
    }

    /**
     * The fewest items that have to be moved to turn one order into the other: those outside a longest common run.
     *
     * @param  list<string>  $was
     * @param  list<string>  $is  the same ids in another order
     * @return array<string, true>
     */
    private static function moved(array $was, array $is): array
    {
        $rank = array_flip($was);
        $longest = [];
        $best = [];
        foreach ($is as $i => $id) {
            $longest[$i] = [$id];
            for ($j = 0; $j < $i; $j++) {
                if ($rank[$is[$j]] < $rank[$id] && count($longest[$j]) >= count($longest[$i])) {
                    $longest[$i] = [...$longest[$j], $id];
                }
            }
            $best = count($longest[$i]) > count($best) ? $longest[$i] : $best;
        }

        return array_fill_keys(array_values(array_diff($is, $best)), true);
    }

    /** @return list<Text|string> */
    private static function differences(Item $old, Item $new): array
    {
        $differences = [];
        foreach (Figure::cases() as $figure) {
            if ($old->figure($figure) !== $new->figure($figure)) {
                $differences[] = Text::of(
                    '{figure} {was} to {is}',
                    figure: lcfirst($figure->label()),
                    was: self::shown($old->figure($figure), $figure),
                    is: self::shown($new->figure($figure), $figure),
                );
            }
        }
        foreach (Choice::cases() as $choice) {
            if ($old->choice($choice) !== $new->choice($choice)) {
                $differences[]
                    = lcfirst($choice->label())
                    .' '
                    .($old->choice($choice) ?? 'not given')
                    .' to '
                    .($new->choice($choice) ?? 'not given');
            }
        }
        foreach (['name', 'tag', 'note', 'keptBecause', 'keptWhere'] as $text) {
            if ($old->words->{$text} !== $new->words->{$text}) {
                $differences[] = [
                    'name' => 'name',
                    'tag' => 'tag',
                    'note' => 'note',
                    'keptBecause' => 'kept because',
                    'keptWhere' => 'kept where',
                ][$text];
            }
        }
        if ($old->flags != $new->flags) {
            $differences[] = 'properties';
        }
        if ($old->media != $new->media) {
            $differences[] = 'media';
        }

        return $differences;
    }

    private static function shown(?float $value, Figure $figure): Quantity|string
    {
        $dimension = $figure->dimension();

        return match (true) {
            $value === null => 'not given',
            default => Quantity::base($value, $dimension ?? Dimension::Plain),
        };
    }

    /** @return array{what: string, item: string, detail: Text} */
    private static function change(string $what, Item $item, Text|string $detail): array
    {
        return ['what' => $what, 'item' => $item->title(), 'detail' => Text::wrap($detail)];
    }
}
