<?php

declare(strict_types=1);

namespace Ithys\Journal;

/** A payload as it is stored: its fields, and the version of the form they have. */
final class StoredPayload
{
    public const SCHEMA = 2;

    /** @return array<string, bool|float|int|string|null> */
    public static function of(Payload $payload): array
    {
        return ['schema' => self::SCHEMA, ...$payload->toArray()];
    }

    /**
     * The fields of this version; older ones are lifted here.
     *
     * @param  array<string, mixed>  $stored
     *
     * @throws InvalidEntry when a newer Ithys wrote it
     */
    public static function fields(array $stored): PayloadData
    {
        // What was stored before versions were kept is of the first.
        $schema = $stored['schema'] ?? 1;

        return new PayloadData(match ($schema) {
            self::SCHEMA => $stored,
            1 => self::fromFirst($stored),
            default => throw InvalidEntry::unknown(
                'version of an entry',
                is_scalar($schema) ? (string) $schema : 'none',
            ),
        });
    }

    /**
     * A reading named a nutrient, of which there were two, and held mg/L.
     *
     * @param  array<string, mixed>  $stored
     * @return array<string, mixed>
     */
    private static function fromFirst(array $stored): array
    {
        $names = ['nutrient' => 'parameter', 'mgPerLitre' => 'value'];
        $lifted = [];
        foreach ($stored as $field => $value) {
            $lifted[$names[$field] ?? $field] = $value;
        }

        return $lifted;
    }
}
