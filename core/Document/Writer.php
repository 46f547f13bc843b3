<?php

declare(strict_types=1);

namespace Ithys\Document;

use Ithys\Quantity\Dimension;
use Ithys\Quantity\ShopLength;
use Ithys\Quantity\UnitSystem;

/** Turns a stored document into what its keeper would type: every figure as text in the keeper's units. */
final readonly class Writer
{
    /** @param  bool  $toTheMark  whether lengths of the workshop are set to the nearest mark of a rule */
    public function __construct(private UnitSystem $units, private bool $toTheMark = false)
    {
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @param  array<string, Field>  $fields  by key, as they are called anywhere in it
     * @return array<array-key, mixed>
     */
    public function texts(array $part, array $fields): array
    {
        $texts = [];
        foreach ($part as $key => $value) {
            $field = $fields[$key] ?? null;
            $texts[$key] = match (true) {
                is_array($value) => $this->texts($value, $fields),
                $field !== null && (is_int($value) || is_float($value)) => $this->text((float) $value, $field),
                $field !== null && $value === null => '',
                default => $value,
            };
        }

        return $texts;
    }

    /** A figure of a document as it is typed; empty where there is none. */
    public function text(?float $stored, Field $field): string
    {
        if ($stored === null) {
            return '';
        }
        $base = $field->toBase($stored);
        if ($field->dimension === Dimension::Workshop && $field->bare === null) {
            return ShopLength::typed($this->toTheMark ? ShopLength::marked($base, $this->units) : $base, $this->units);
        }
        $unit = $field->dimension === null ? null : $field->bare ?? $this->units->unitOf($field->dimension);

        return self::plain($unit === null ? $base : $base / $unit->factor() + $unit->offset());
    }

    /** At most four decimals, so that a figure typed in the other units comes back within a hair. */
    public static function plain(float $figure): string
    {
        return rtrim(rtrim(number_format($figure, 4, '.', ''), '0'), '.');
    }
}
