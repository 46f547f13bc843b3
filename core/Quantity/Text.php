<?php

declare(strict_types=1);

namespace Ithys\Quantity;

/**
 * A sentence with named places for its figures, in no unit system yet.
 *
 * "{held} fits under {limit}" holds two quantities; {@see Words} puts them in the reader's units. A value may be a text
 * of its own, and what a keeper typed is a value too, so that its braces are read as braces.
 */
final readonly class Text
{
    /** @param  array<string, self|Quantity|string|int>  $values */
    private function __construct(public string $pattern, public array $values)
    {
    }

    /** @param  self|Quantity|string|int  ...$values  by the name of their place */
    public static function of(string $pattern, self|Quantity|string|int ...$values): self
    {
        $named = [];
        foreach ($values as $name => $value) {
            $named[(string) $name] = $value;
        }

        return new self($pattern, $named);
    }

    public static function wrap(self|string $text): self
    {
        return $text instanceof self ? $text : new self('{text}', ['text' => $text]);
    }

    /** @param  array<self|Quantity|string|int>  $parts */
    public static function join(string $between, array $parts): self
    {
        $values = [];
        foreach (array_values($parts) as $i => $part) {
            $values["part{$i}"] = $part;
        }

        return new self(
            implode($between, array_map(static fn (string $name): string => "{{$name}}", array_keys($values))),
            $values,
        );
    }

    /** @return array<string, Quantity> its figures by name, those of the texts within it as well */
    public function quantities(): array
    {
        $all = [];
        foreach ($this->values as $name => $value) {
            if ($value instanceof Quantity) {
                $all[$name] = $value;
            } elseif ($value instanceof self) {
                $all += $value->quantities();
            }
        }

        return $all;
    }
}
