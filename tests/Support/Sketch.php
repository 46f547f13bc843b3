<?php

declare(strict_types=1);

namespace Tests\Support;

use Ithys\Media\Medium;
use Ithys\Path\Choice;
use Ithys\Path\Figure;
use Ithys\Path\Flag;
use Ithys\Path\Item;
use Ithys\Path\Kind;
use Ithys\Path\Line;
use Ithys\Path\Load;
use Ithys\Path\Path;
use Ithys\Path\Review\Situation;
use Ithys\Path\Stock;
use Ithys\Path\Style;
use Ithys\Water\BesideDisplay;
use Ithys\Water\Conditions;
use Ithys\Water\Display;
use Ithys\Water\Ground;
use Ithys\Water\Tank;
use Ithys\Water\TurnoverSchool;
use RuntimeException;

/**
 * A path written in a line, for tests: "overflow-drilled > sock(count=2, micron=200) > bag(gfo) > return-pump".
 *
 * Further lines follow after semicolons: "branch from return-pump to sock 300: reactor(gfo)", "tank 80 to sock 600:
 * overflow-drilled#b" or "removed: basket(carries-flow)". An item's mark is its kind unless written after #.
 */
final class Sketch
{
    private const SHORT = [
        'count' => Figure::Count,
        'limit' => Figure::FlowLimit,
        'low' => Figure::ClaimLow,
        'high' => Figure::ClaimHigh,
        'cover' => Figure::Cover,
        'grams' => Figure::Grams,
        'micron' => Figure::Micron,
        'gives' => Figure::GivesUp,
        'holes' => Figure::SpareHoles,
        'watts' => Figure::Watts,
        'hours' => Figure::Hours,
        'sockets' => Figure::Sockets,
        'capacity' => Figure::Capacity,
        'air' => Figure::Air,
    ];

    /** @param  array<string, string>  $without */
    public static function path(
        string $sketch,
        string $style = 'sump',
        ?float $flow = null,
        string $stock = 'medium',
        string $planned = '',
        array $without = [],
    ): Path {
        $lines = [];
        $removed = [];
        foreach (array_map(trim(...), explode(';', $sketch)) as $i => $text) {
            if ($i === 0) {
                $lines[] = new Line(Line::MAIN, self::items($text));
            } elseif (str_starts_with($text, 'removed:')) {
                $removed = self::items(substr($text, 8));
            } elseif (
                preg_match(
                    '~^(branch|tank)(?: (?<litres>\d+))?(?: from (?<from>\S+))?(?: to (?<to>\S+))?(?: '
                        .'(?<flow>\d+))?\s*:(?<items>.*)$~',
                    $text,
                    $match,
                ) === 1
            ) {
                $lines[] = new Line(
                    "b{$i}",
                    self::items($match['items']),
                    '',
                    $match['from'] ?: null,
                    $match['to'] ?: null,
                    $match['flow'] === '' ? null : (float) $match['flow'],
                    $match[1] === 'tank',
                    $match['litres'] === '' ? null : (float) $match['litres'],
                );
            } else {
                throw new RuntimeException("What line is “{$text}”?");
            }
        }

        return Path::of(
            'Sketch',
            Style::from($style),
            $flow,
            Stock::from($stock),
            Stock::from($planned === '' ? $stock : $planned),
            $without,
            $lines,
            $removed,
        );
    }

    /** The path in a tank of so many litres working volume, judged by the moderate school. */
    public static function in(
        Path $path,
        float $litres = 200,
        ?float $flow = 1400,
        float $belowRimMm = 0,
        TurnoverSchool $school = TurnoverSchool::Moderate,
    ): Situation {
        $display
            = $belowRimMm > 0
                ? Display::box(1000, ($litres * 1000) / (500 - $belowRimMm), 500, $belowRimMm)
                : Display::volume($litres);

        return new Situation(
            $path,
            new Tank($display, new BesideDisplay(0, 0), new Ground(0, 0), new Conditions(35, 25), $flow, $school),
        );
    }

    /** @return list<Item> */
    private static function items(string $text): array
    {
        return trim($text) === '' ? [] : array_map(self::item(...), explode('>', $text));
    }

    private static function item(string $text): Item
    {
        if (
            preg_match('~^\s*(?<kind>[a-z-]+)(?:#(?<id>[a-z0-9-]+))?(?:\((?<rest>[^)]*)\))?\s*$~', $text, $match) !== 1
        ) {
            throw new RuntimeException("What item is “{$text}”?");
        }
        $figures = $choices = $flags = $media = [];
        foreach (array_filter(array_map(trim(...), explode(',', $match['rest'] ?? ''))) as $word) {
            [$key, $value] = [...explode('=', $word, 2), ''];
            match (true) {
                isset(self::SHORT[$key]) => $figures[self::SHORT[$key]->value] = (float) $value,
                Choice::tryFrom($key) !== null => $choices[$key] = $value,
                Flag::tryFrom($key) !== null => $flags[] = Flag::from($key),
                default => $media[] = new Load(Medium::from($key), $value === '' ? null : (float) $value),
            };
        }
        $kind = Kind::from($match['kind']);

        return new Item(
            ($match['id'] ?? '') !== '' ? $match['id'] : $kind->value,
            $kind,
            figures: $figures,
            choices: $choices,
            flags: $flags,
            media: $media,
        );
    }
}
