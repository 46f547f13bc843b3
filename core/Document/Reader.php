<?php

declare(strict_types=1);

namespace Ithys\Document;

use BackedEnum;
use Ithys\Quantity\Decimal;
use Ithys\Quantity\InvalidQuantity;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\UnitSystem;

/**
 * Reads a document or a part of one, as it is stored or as a keeper types it, and notes what is wrong at its place.
 *
 * Stored figures are numbers in the unit of the document; typed ones are texts in the keeper's units or any unit
 * written out. Either way the same fields, bounds and words hold, and all that is wrong is told at once.
 */
final readonly class Reader
{
    private const LONGEST_TEXT = 500;

    /**
     * @param  array<mixed>  $from
     * @param  ?UnitSystem  $units  of what is typed; null for what is stored
     */
    private function __construct(
        private array $from,
        private ?UnitSystem $units,
        private Problems $problems,
        private string $place,
    ) {
    }

    /** @param  array<mixed>  $typed */
    public static function typed(array $typed, UnitSystem $units): self
    {
        return new self($typed, $units, new Problems, '');
    }

    /**
     * @param  array<mixed>  $document
     * @param  string  $name  where what is wrong with it as a whole is told
     * @param  string  $what  as in "This is not a sump of this version"
     *
     * @throws Refused when it is of another format or schema
     */
    public static function stored(
        array $document,
        string $name,
        string $what,
        string $format,
        int $schema,
    ): self {
        if (($document['format'] ?? null) !== $format || ($document['schema'] ?? null) !== $schema) {
            throw Refused::otherVersion($name, $what, $format, $schema);
        }

        return self::plain($document);
    }

    /**
     * A stored document without a format of its own.
     *
     * @param  array<mixed>  $document
     */
    public static function plain(array $document): self
    {
        return new self($document, null, new Problems, '');
    }

    public function isTyped(): bool
    {
        return $this->units !== null;
    }

    /** The same part, whose problems stand at another place. */
    public function at(string $place): self
    {
        return new self($this->from, $this->units, $this->problems, $place);
    }

    /** Null while it is not given or wrong, in the unit of the document. */
    public function figure(Field $field): ?float
    {
        return $this->units === null ? $this->storedFigure($field) : $this->typedFigure($field, $this->units);
    }

    /** The same, whose problems stand at the part it is in, or at another place of the whole document. */
    public function figureHere(Field $field, ?string $place = null): ?float
    {
        $problems = new Problems;
        $figure = (new self($this->from, $this->units, $problems, ''))->figure($field);
        if ($problems->has($field->key)) {
            $this->problems->note($place ?? $this->place, $problems->at($field->key));
        }

        return $figure;
    }

    /** A figure that has to be there; its least while it is not, so that the rest can be read. */
    public function needed(Field $field): float
    {
        $figure = $this->figure($field);
        if ($figure === null && ! $this->problems->has($this->placeOf($field->key))) {
            $this->note("{$field->name} is needed.", $field->key);
        }

        return $figure ?? $field->toStored($field->least);
    }

    public function whole(Field $field): ?int
    {
        $figure = $this->figure($field);

        return $figure === null ? null : (int) $figure;
    }

    /** A text, trimmed; empty where there is none. */
    public function text(string $key, int $longest = self::LONGEST_TEXT): string
    {
        $value = $this->from[$key] ?? '';
        if (is_int($value) || is_float($value)) {
            $value = (string) $value;
        }
        if (! is_string($value) || mb_strlen(trim($value)) > $longest) {
            $this->note("“{$key}” must be a text of at most {$longest} characters.", $key);

            return '';
        }

        return trim($value);
    }

    public function flag(string $key): bool
    {
        return ($this->from[$key] ?? false) === true;
    }

    public function has(string $key): bool
    {
        return isset($this->from[$key]) && $this->from[$key] !== '' && $this->from[$key] !== [];
    }

    /**
     * One of the words of an enum.
     *
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $of
     * @param  string  $what  as in "“x” is not a kind of baffle known here"
     * @param  T  $otherwise  what goes on while the word is wrong, so that the rest can be read
     * @return T
     */
    public function word(string $key, string $of, string $what, BackedEnum $otherwise): BackedEnum
    {
        $word = $this->text($key);

        $case = $of::tryFrom($word);
        if ($case === null) {
            $this->unknown($key, $what, $word);
        }

        return $case ?? $otherwise;
    }

    /**
     * The same where none need be given.
     *
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $of
     * @return ?T
     */
    public function optionalWord(string $key, string $of, string $what): ?BackedEnum
    {
        $word = $this->text($key);

        return $word === '' ? null : $of::tryFrom($word) ?? $this->unknown($key, $what, $word);
    }

    /** A part that is a group of fields of its own, at the place of this one or a further one. */
    public function group(string $key, ?string $place = null): self
    {
        $part = $this->from[$key] ?? [];
        if (! is_array($part)) {
            $this->note("“{$key}” must be a group of properties.", $key);
        }

        return new self(is_array($part) ? $part : [], $this->units, $this->problems, $place ?? $this->placeOf($key));
    }

    /** @return list<self> the parts of a list; what is no part is noted */
    public function list(string $key): array
    {
        return array_values($this->map($key));
    }

    /** @return array<array-key, self> the parts of a map by their keys */
    public function map(string $key): array
    {
        $list = $this->from[$key] ?? [];
        if (! is_array($list)) {
            $this->note("“{$key}” must be a list.", $key);
        }
        $parts = [];
        foreach (is_array($list) ? $list : [] as $name => $part) {
            if (is_array($part)) {
                $place = $this->placeOf("{$key}.{$name}");
                $parts[$name] = new self($part, $this->units, $this->problems, $place);
            } else {
                $this->note("“{$key}.{$name}” must be a group of properties.", "{$key}.{$name}");
            }
        }

        return $parts;
    }

    /** @return list<string> the keys of a map */
    public function keys(string $key): array
    {
        $map = $this->from[$key] ?? [];

        return is_array($map) ? array_map(strval(...), array_keys($map)) : [];
    }

    /** @return list<mixed> the plain values of a list */
    public function values(string $key): array
    {
        $list = $this->from[$key] ?? [];

        return is_array($list) ? array_values($list) : [];
    }

    /** @param  string  $key  in this part; empty for the part as a whole */
    public function note(string $sentence, string $key = ''): void
    {
        $this->problems->note($this->placeOf($key), $sentence);
    }

    /** At a place of the whole document. */
    public function noteAt(string $place, string $sentence): void
    {
        $this->problems->note($place, $sentence);
    }

    /** @throws Refused with a sentence at every place that could not be read */
    public function close(): void
    {
        $this->problems->refuse();
    }

    private function unknown(string $key, string $what, string $word): null
    {
        $this->note(sprintf('“%s” is not a %s known here.', mb_strimwidth($word, 0, 40, '…'), $what), $key);

        return null;
    }

    private function placeOf(string $key): string
    {
        return match (true) {
            $key === '' => $this->place,
            $this->place === '' => $key,
            default => "{$this->place}.{$key}",
        };
    }

    private function storedFigure(Field $field): ?float
    {
        $value = $this->from[$field->key] ?? null;
        if ($value === null) {
            return null;
        }
        $base = is_int($value) || is_float($value) ? self::settled($field->toBase((float) $value), $field) : null;
        if ($base === null) {
            $this->note(sprintf(
                '%s must be a %snumber from %s to %s.',
                $field->name,
                $field->isWhole ? 'whole ' : '',
                $field->toStored($field->least),
                $field->toStored($field->most),
            ), $field->key);
        }

        return $base === null ? null : $field->toStored($base);
    }

    private function typedFigure(Field $field, UnitSystem $units): ?float
    {
        $value = $this->from[$field->key] ?? '';
        $text = is_scalar($value) && ! is_bool($value) ? trim((string) $value) : '';
        if ($text === '') {
            return null;
        }
        try {
            $typed = $field->dimension === null
                ? Decimal::parse($text)->value
                : Quantity::parse($text, $field->bare ?? $units->unitOf($field->dimension), $units->gallon())->base;
        } catch (InvalidQuantity $invalid) {
            $this->note($invalid->getMessage(), $field->key);

            return null;
        }
        $base = self::settled($typed, $field);
        if ($base === null) {
            $shown = static fn (float $figure): string => match (true) {
                $field->dimension === null => rtrim(rtrim(number_format($figure, 2), '0'), '.'),
                $field->bare !== null => number_format($figure / $field->bare->factor()).' '.$field->bare->value,
                default => $units->format($figure, $field->dimension),
            };
            $this->note(sprintf(
                '%s must be %s %s and %s; “%s” is %s.',
                $field->name,
                $field->isWhole ? 'a whole number between' : 'between',
                $shown($field->least),
                $shown($field->most),
                mb_strimwidth($text, 0, 40, '…'),
                $shown($typed),
            ), $field->key);
        }

        return $base === null ? null : $field->toStored($base);
    }

    /** Within its bounds, or null; a bound that was shown in another unit comes back a hair beyond it. */
    private static function settled(float $base, Field $field): ?float
    {
        $base = match (true) {
            abs($base - $field->least) <= 1e-5 * abs($field->least) => $field->least,
            abs($base - $field->most) <= 1e-5 * abs($field->most) => $field->most,
            default => $base,
        };

        return $base < $field->least || $base > $field->most || ($field->isWhole && floor($base) !== $base)
            ? null
            : $base;
    }
}
