<?php

declare(strict_types=1);

namespace Ithys\Path;

use Ithys\Quantity\FigureReader;
use Ithys\Quantity\Unit;
use Ithys\Quantity\UnitSystem;

/**
 * Reads a path as typed: its document, but with every figure as text in the keeper's units or any unit written out.
 *
 * An empty text is no figure; so a draft may stay unfinished. What is wrong is told at its place, all of it at once.
 */
final class TypedPath
{
    private readonly FigureReader $figures;

    private function __construct(UnitSystem $units)
    {
        $this->figures = new FigureReader($units);
    }

    /**
     * @param  array<mixed>  $typed
     *
     * @throws InvalidPath
     */
    public static function read(array $typed, UnitSystem $units): Path
    {
        $reader = new self($units);
        $document = $reader->document($typed);
        $problems = $reader->figures->problems();
        if ($problems !== []) {
            throw InvalidPath::places($problems);
        }

        return PathDocument::read($document);
    }

    /**
     * @param  array<mixed>  $typed
     * @return array<mixed>
     */
    private function document(array $typed): array
    {
        return [
            ...$typed,
            'format' => Path::FORMAT,
            'schema' => Path::SCHEMA,
            'litresPerHour' => $this->figure($typed['litresPerHour'] ?? null, Figure::FlowLimit, 'flow', 'The flow'),
            'lines' => array_map(
                fn (mixed $line): mixed => is_array($line) ? $this->line($line) : $line,
                self::list($typed, 'lines'),
            ),
            'removed' => array_map(
                fn (mixed $item): mixed => is_array($item) ? $this->item($item) : $item,
                self::list($typed, 'removed'),
            ),
        ];
    }

    /**
     * @param  array<mixed>  $line
     * @return array<mixed>
     */
    private function line(array $line): array
    {
        $id = self::mark($line);

        return [
            ...$line,
            'litresPerHour' => $this->figure(
                $line['litresPerHour'] ?? null,
                Figure::FlowLimit,
                "line.{$id}.flow",
                'The flow',
            ),
            'tankLitres' => $this->figure(
                $line['tankLitres'] ?? null,
                Figure::ClaimHigh,
                "line.{$id}.tankLitres",
                'The water of the tank',
            ),
            'items' => array_map(
                fn (mixed $item): mixed => is_array($item) ? $this->item($item) : $item,
                self::list($line, 'items'),
            ),
        ];
    }

    /**
     * @param  array<mixed>  $item
     * @return array<mixed>
     */
    private function item(array $item): array
    {
        $at = 'item.'.self::mark($item);
        $figures = [];
        foreach (self::list($item, 'figures') as $key => $text) {
            $figure = Figure::tryFrom((string) $key);
            $figures[$key] = $figure === null ? $text : $this->figure($text, $figure, "{$at}.{$key}", $figure->label());
        }
        $media = [];
        foreach (self::list($item, 'media') as $i => $load) {
            $media[] = is_array($load)
                ? [
                    ...$load,
                    'grams' => $this->figure(
                        $load['grams'] ?? null,
                        Figure::Grams,
                        "{$at}.media.{$i}",
                        Figure::Grams->label(),
                    ),
                ]
                : $load;
        }

        return [
            ...$item,
            'figures' => array_filter($figures, static fn (mixed $figure): bool => $figure !== null),
            'choices' => array_filter(self::list($item, 'choices'), static fn (mixed $word): bool => $word !== ''),
            'media' => $media,
        ];
    }

    private function figure(mixed $text, Figure $figure, string $at, string $name): ?float
    {
        [$least, $most] = $figure->bounds();

        return $this->figures->read(
            is_string($text) ? $text : '',
            $at,
            $name,
            $figure->dimension(),
            $least,
            $most,
            $figure === Figure::Grams ? Unit::Gram : null,
            $figure->isWhole(),
        );
    }

    /** @param  array<mixed>  $from */
    private static function mark(array $from): string
    {
        return is_string($from['id'] ?? null) ? $from['id'] : '';
    }

    /**
     * @param  array<mixed>  $from
     * @return array<mixed>
     */
    private static function list(array $from, string $key): array
    {
        return is_array($from[$key] ?? null) ? $from[$key] : [];
    }
}
