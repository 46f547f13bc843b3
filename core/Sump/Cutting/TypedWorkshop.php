<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

use Ithys\Quantity\Dimension;
use Ithys\Sump\Fields;

/** Reads as typed what else is cut: pads, stock sheets, blackout panels and a media basket. */
final readonly class TypedWorkshop
{
    private const MOST_PADS = 20;

    private const PAD = [
        'lengthMm' => [Dimension::Length, 20.0, 2_000.0, 'The length'],
        'widthMm' => [Dimension::Length, 20.0, 2_000.0, 'The width'],
    ];

    private const SHEET = [
        'lengthMm' => [Dimension::Length, 50.0, 4_000.0, 'The length'],
        'widthMm' => [Dimension::Length, 50.0, 4_000.0, 'The width'],
    ];

    private const BASKET = [
        'lengthMm' => [Dimension::Length, 20.0, 2_000.0, 'The cavity along the tank'],
        'widthMm' => [Dimension::Length, 20.0, 1_000.0, 'The cavity from front to back'],
        'heightMm' => [Dimension::Length, 50.0, 1_500.0, 'The height of the basket'],
        'clearanceMm' => [Dimension::Length, 0.0, 30.0, 'The gap on each side'],
        'thicknessMm' => [Dimension::Length, 1.0, 20.0, 'The thickness of the sheet'],
        'inletMm' => [Dimension::Length, 0.0, 500.0, 'The inlet over the front'],
    ];

    /** @param  array<mixed>  $typed */
    public static function read(array $typed, Fields $fields): Workshop
    {
        $lit = $fields->whole($typed, 'litChamber', 'workshop.litChamber', 'The lit chamber', 0, 40);
        $pads = Fields::list($typed, 'pads');
        if (count($pads) > self::MOST_PADS) {
            $fields->note(
                'section',
                sprintf('A filter can have %d kinds of pads; this one has %d.', self::MOST_PADS, count($pads)),
            );
        }
        $basket = Fields::map($typed, 'basket');

        return new Workshop(
            array_map(static fn (array $pad): Pad => self::pad($pad, $fields), $pads),
            self::stock(Fields::map($typed, 'stock'), $fields),
            $lit,
            $fields->figure($typed, 'blackoutMm', 'workshop.blackoutMm', [
                Dimension::Length,
                0.5,
                20.0,
                'The thickness of the blackout panels',
            ]),
            $basket === [] ? null : self::basket($basket, $fields),
        );
    }

    /** @param  array<mixed>  $typed */
    private static function pad(array $typed, Fields $fields): Pad
    {
        $id = Fields::text($typed, 'id');
        $at = "pad.{$id}";

        return new Pad(
            $id,
            Fields::name($typed, 'name'),
            $fields->needed($typed, 'lengthMm', "{$at}.lengthMm", self::PAD['lengthMm'], 100.0),
            $fields->needed($typed, 'widthMm', "{$at}.widthMm", self::PAD['widthMm'], 100.0),
            $fields->whole($typed, 'count', "{$at}.count", 'The number', 1, 500) ?? 1,
        );
    }

    /**
     * @param  array<mixed>  $typed
     * @return array<string, Stock>
     */
    private static function stock(array $typed, Fields $fields): array
    {
        $stock = [];
        foreach (CutGroup::cases() as $group) {
            $one = Fields::map($typed, $group->value);
            $length = $fields->figure($one, 'lengthMm', "stock.{$group->value}.lengthMm", self::SHEET['lengthMm']);
            $width = $fields->figure($one, 'widthMm', "stock.{$group->value}.widthMm", self::SHEET['widthMm']);
            if ($length !== null && $width !== null) {
                $stock[$group->value] = new Stock($length, $width);
            }
        }

        return $stock;
    }

    /** @param  array<mixed>  $typed */
    private static function basket(array $typed, Fields $fields): Basket
    {
        $usual = Basket::usual();
        $read = static fn (string $key, float $otherwise): float => $fields->needed(
            $typed,
            $key,
            "basket.{$key}",
            self::BASKET[$key],
            $otherwise,
        );

        return new Basket(
            $read('lengthMm', $usual->lengthMm),
            $read('widthMm', $usual->widthMm),
            $read('heightMm', $usual->heightMm),
            $read('clearanceMm', $usual->clearanceMm),
            $read('thicknessMm', $usual->thicknessMm),
            $fields->whole($typed, 'shelves', 'basket.shelves', 'The number of shelves', 1, 12) ?? $usual->shelves,
            $read('inletMm', $usual->inletMm),
        );
    }
}
