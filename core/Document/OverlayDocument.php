<?php

declare(strict_types=1);

namespace Ithys\Document;

use Ithys\Assumption\Assumption;
use Ithys\Assumption\Overlay;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;

/** Reads what one tank takes instead of a default, as its keeper types it or as it is stored. */
final class OverlayDocument
{
    private const LONGEST_REASON = 300;

    /**
     * @param  array<mixed>  $typed  value with or without a unit, and reason
     *
     * @throws Refused when the value is none, is beyond the range of the default, or has no reason
     */
    public static function typed(array $typed, Assumption $assumption, UnitSystem $units): Overlay
    {
        $from = Reader::typed($typed, $units);
        $value = $from->needed(self::field($assumption, $units));
        $reason = $from->text('reason', self::LONGEST_REASON);
        if ($reason === '') {
            $from->note('Say why: the reason stands beside every result that rests on it.', 'reason');
        }
        $from->close();

        return new Overlay($value, $reason);
    }

    /** The default itself as it would be typed. */
    public static function text(float $value, Assumption $assumption, UnitSystem $units): string
    {
        return (new Writer($units))->text($value, self::field($assumption, $units));
    }

    /**
     * @param  array<mixed>  $document  value in base units and reason, by the key of its default
     * @return array<string, Overlay>
     *
     * @throws Refused when an overlay is none
     */
    public static function stored(array $document): array
    {
        $overlays = [];
        foreach (array_keys($document) as $key) {
            $from = Reader::plain($document)->group((string) $key);
            $value = $from->figure(Field::of('value', (string) $key, null, -1e12, 1e12));
            if ($value === null) {
                $from->note('A value is needed.', 'value');
            }
            $reason = $from->text('reason', self::LONGEST_REASON);
            $from->close();
            $overlays[(string) $key] = new Overlay((float) $value, $reason);
        }

        return $overlays;
    }

    private static function field(Assumption $assumption, UnitSystem $units): Field
    {
        return Field::of(
            'value',
            (new Words($units))->say($assumption->label),
            $assumption->dimension === Dimension::Plain ? null : $assumption->dimension,
            $assumption->range->least,
            $assumption->range->most,
        );
    }
}
