<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Assumption\Assumption;
use Ithys\Assumption\Assumptions;
use Ithys\Document\OverlayDocument;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\Quantity;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;

/** Every default by group, as one tank has it, with what it may be set to and how it is typed. */
final class AssumptionsPage
{
    /** @return list<array{title: string, assumptions: list<array<string, mixed>>}> */
    public static function groups(Assumptions $assumptions, UnitSystem $units): array
    {
        $groups = [];
        foreach (Assumptions::groups() as $title => $keys) {
            $groups[] = [
                'title' => $title,
                'assumptions' => array_map(
                    static fn (string $key): array => self::one($assumptions->of($key), $units),
                    $keys,
                ),
            ];
        }

        return $groups;
    }

    /** @return array{value: string, reason: string} what stands in the fields when it is set */
    public static function typed(Assumption $assumption, UnitSystem $units): array
    {
        return [
            'value' => OverlayDocument::text($assumption->value, $assumption, $units),
            'reason' => $assumption->overlay->reason ?? '',
        ];
    }

    /** The unit once, where both have the same. */
    private static function range(string $least, string $most): string
    {
        $unit = preg_match('~ \D.*$~u', $most, $match) === 1 ? $match[0] : '';

        return 'from '.($unit !== '' && str_ends_with($least, $unit) ? substr($least, 0, -strlen($unit)) : $least)
            ." to {$most}";
    }

    /** @return array<string, mixed> */
    private static function one(Assumption $assumption, UnitSystem $units): array
    {
        $words = new Words($units);
        $bound = static fn (float $value): Quantity => Quantity::base($value, $assumption->dimension);

        return [
            ...AssumptionView::of($assumption, $words),
            'default' => $words->say($bound(Assumptions::standard()->value($assumption->key))),
            'range' => self::range(
                $words->say($bound($assumption->range->least)),
                $words->say($bound($assumption->range->most)),
            ),
            'unit' => $assumption->dimension === Dimension::Plain ? '' : $units->unitOf($assumption->dimension)->value,
            'typed' => self::typed($assumption, $units),
        ];
    }
}
