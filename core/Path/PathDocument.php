<?php

declare(strict_types=1);

namespace Ithys\Path;

use Ithys\Media\Medium;

/**
 * Reads the document of a path, base units throughout, and refuses what it does not know by a sentence with its place.
 */
final class PathDocument
{
    private const MOST_TEXT = 500;

    /**
     * @param  array<mixed>  $document
     *
     * @throws InvalidPath
     */
    public static function read(array $document): Path
    {
        if (($document['format'] ?? null) !== Path::FORMAT || ($document['schema'] ?? null) !== Path::SCHEMA) {
            throw InvalidPath::unreadable(
                sprintf(
                    'This is not a path of this version: its format should read “%s”, its schema %d.',
                    Path::FORMAT,
                    Path::SCHEMA,
                ),
            );
        }
        $without = [];
        foreach (self::list($document, 'without') as $stage => $why) {
            $without[self::known(Stage::tryFrom((string) $stage), 'stage', $stage, 'without')->value] = self::plain(
                $why,
                'without',
            );
        }

        return Path::of(
            self::text($document, 'name', 'name'),
            self::known(
                Style::tryFrom(self::text($document, 'style', 'style')),
                'style',
                $document['style'] ?? '',
                'style',
            ),
            self::flow($document, 'flow'),
            self::known(
                Stock::tryFrom(self::text($document, 'stockNow', 'stockNow')),
                'stocking',
                $document['stockNow'] ?? '',
                'stockNow',
            ),
            self::known(
                Stock::tryFrom(self::text($document, 'stockPlanned', 'stockPlanned')),
                'stocking',
                $document['stockPlanned'] ?? '',
                'stockPlanned',
            ),
            $without,
            array_map(self::line(...), array_values(self::list($document, 'lines'))),
            array_map(self::item(...), array_values(self::list($document, 'removed'))),
        );
    }

    private static function line(mixed $line): Line
    {
        $line = is_array($line) ? $line : throw InvalidPath::unreadable('A line of the path is not a group of items.');
        $id = self::id($line, 'line');
        $figure = static fn (string $key, float $least, float $most): ?float => isset($line[$key])
            ? self::within($line[$key], $least, $most, "line.{$id}.{$key}")
            : null;

        return new Line(
            $id,
            array_map(self::item(...), array_values(self::list($line, 'items'))),
            self::text($line, 'name', "line.{$id}.name"),
            self::text($line, 'from', "line.{$id}.from") ?: null,
            self::text($line, 'to', "line.{$id}.to") ?: null,
            self::flow($line, "line.{$id}.flow"),
            ($line['tank'] ?? false) === true,
            $figure('tankLitres', 1.0, 50_000.0),
        );
    }

    private static function item(mixed $item): Item
    {
        $item = is_array($item)
            ? $item
            : throw InvalidPath::unreadable('An item of the path is not a group of properties.');
        $id = self::id($item, 'item');
        $at = "item.{$id}";
        $figures = [];
        foreach (self::list($item, 'figures') as $key => $value) {
            $figure = self::known(Figure::tryFrom((string) $key), 'figure', $key, $at);
            $figures[$figure->value] = self::within(
                $value,
                $figure->bounds()[0],
                $figure->bounds()[1],
                "{$at}.{$figure->value}",
            );
        }
        $choices = [];
        foreach (self::list($item, 'choices') as $key => $value) {
            $choice = self::known(Choice::tryFrom((string) $key), 'choice', $key, $at);
            $word = self::plain($value, "{$at}.{$choice->value}");
            $choices[$choice->value] = isset($choice->options()[$word])
                ? $word
                : self::unknown('word', $word, "{$at}.{$choice->value}");
        }

        return new Item(
            $id,
            self::known(Kind::tryFrom(self::text($item, 'kind', $at)), 'kind of equipment', $item['kind'] ?? '', $at),
            self::text($item, 'name', "{$at}.name"),
            self::text($item, 'tag', "{$at}.tag"),
            self::text($item, 'note', "{$at}.note"),
            self::text($item, 'keptBecause', "{$at}.keptBecause"),
            self::text($item, 'keptWhere', "{$at}.keptWhere"),
            $figures,
            $choices,
            array_map(
                static fn (mixed $flag): Flag => self::known(
                    Flag::tryFrom(self::plain($flag, $at)),
                    'property',
                    $flag,
                    $at,
                ),
                array_values(self::list($item, 'flags')),
            ),
            array_map(
                static fn (mixed $load): Load => self::load($load, $at),
                array_values(self::list($item, 'media')),
            ),
        );
    }

    private static function load(mixed $load, string $at): Load
    {
        $load = is_array($load) ? $load : self::unknown('medium', '', $at);
        [$least, $most] = Figure::Grams->bounds();

        return new Load(
            self::known(Medium::tryFrom(self::text($load, 'medium', $at)), 'medium', $load['medium'] ?? '', $at),
            isset($load['grams']) ? self::within($load['grams'], $least, $most, "{$at}.media") : null,
        );
    }

    /** @param  array<mixed>  $from */
    private static function id(array $from, string $what): string
    {
        $id = $from['id'] ?? null;

        return is_string($id) && preg_match('~^[a-z0-9-]{1,24}$~D', $id) === 1
            ? $id
            : throw InvalidPath::unreadable(
                "An {$what} has no mark of its own; one is 1 to 24 small letters, digits and dashes.",
            );
    }

    /** @param  array<mixed>  $from */
    private static function flow(array $from, string $at): ?float
    {
        [$least, $most] = Figure::FlowLimit->bounds();

        return isset($from['litresPerHour']) ? self::within($from['litresPerHour'], $least, $most, $at) : null;
    }

    /**
     * @param  array<mixed>  $from
     * @return array<mixed>
     */
    private static function list(array $from, string $key): array
    {
        $list = $from[$key] ?? [];

        return is_array($list) ? $list : throw InvalidPath::unreadable("“{$key}” should be a list.");
    }

    /** @param  array<mixed>  $from */
    private static function text(array $from, string $key, string $at): string
    {
        return self::plain($from[$key] ?? '', $at);
    }

    private static function plain(mixed $text, string $at): string
    {
        return is_string($text) && mb_strlen($text) <= self::MOST_TEXT
            ? $text
            : throw InvalidPath::places([
                $at => sprintf('A text of at most %d characters belongs here.', self::MOST_TEXT),
            ]);
    }

    private static function within(mixed $value, float $least, float $most, string $at): float
    {
        return (is_int($value) || is_float($value)) && $value >= $least && $value <= $most ? (float) $value
            : throw InvalidPath::places([$at => sprintf('A number from %s to %s belongs here.', $least, $most)]);
    }

    /**
     * @template T
     *
     * @param  ?T  $case
     * @return T
     */
    private static function known(mixed $case, string $what, mixed $word, string $at): mixed
    {
        return $case ?? self::unknown($what, $word, $at);
    }

    private static function unknown(string $what, mixed $word, string $at): never
    {
        throw InvalidPath::places([
            $at => sprintf(
                '“%s” is not a %s known here.',
                is_scalar($word) ? mb_strimwidth((string) $word, 0, 40, '…') : '',
                $what,
            ),
        ]);
    }
}
