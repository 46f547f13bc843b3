<?php

declare(strict_types=1);

namespace Ithys\Journal;

use BackedEnum;

/** Reads the stored fields of a payload with the type each must have. */
final readonly class PayloadData
{
    /** @param  array<string, mixed>  $data */
    public function __construct(private array $data)
    {
    }

    /** @throws InvalidEntry */
    public function figure(string $field): float
    {
        return $this->optionalFigure($field) ?? throw InvalidEntry::missing($field);
    }

    public function optionalFigure(string $field): ?float
    {
        $value = $this->data[$field] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    /** @throws InvalidEntry */
    public function text(string $field): string
    {
        return $this->optionalText($field) ?? throw InvalidEntry::missing($field);
    }

    public function optionalText(string $field): ?string
    {
        $value = $this->data[$field] ?? null;

        return is_string($value) ? $value : null;
    }

    /**
     * One of the words of an enum; null where none is stored.
     *
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $of
     * @return ?T
     *
     * @throws InvalidEntry for a word that is not among them
     */
    public function optionalWord(string $field, string $of): ?BackedEnum
    {
        $word = $this->optionalText($field);

        return $word === null ? null : $of::tryFrom($word) ?? throw InvalidEntry::unknown($field, $word);
    }

    public function flag(string $field): bool
    {
        return ($this->data[$field] ?? false) === true;
    }
}
