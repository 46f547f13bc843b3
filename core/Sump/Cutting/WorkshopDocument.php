<?php

declare(strict_types=1);

namespace Ithys\Sump\Cutting;

use Ithys\Document\Field;
use Ithys\Document\Reader;
use Ithys\Media\Medium;
use Ithys\Sump\SumpFields;

/** Reads what else is cut: pads, stock sheets, blackout panels and a media basket. */
final class WorkshopDocument
{
    private const MOST_PADS = 20;

    private const MOST_LAYERS = 36;

    public static function read(Reader $from): Workshop
    {
        $pads = $from->list('pads');
        if (count($pads) > self::MOST_PADS) {
            $from->noteAt('section', sprintf(
                'A filter can have %d kinds of pads; this one has %d.',
                self::MOST_PADS,
                count($pads),
            ));
        }

        return new Workshop(
            array_map(self::pad(...), $pads),
            self::stock($from),
            $from->whole(SumpFields::chamber('litChamber', 'The lit chamber')),
            $from->figure(SumpFields::mm('blackoutMm', 'The thickness of the blackout panels', 0.5, 20.0)),
            $from->has('basket') ? self::basket($from->group('basket', 'basket')) : null,
        );
    }

    private static function pad(Reader $from): Pad
    {
        $id = $from->text('id', 80);
        $from = $from->at("pad.{$id}");

        return new Pad(
            $id,
            $from->text('name', 80),
            $from->needed(SumpFields::mm('lengthMm', 'The length', 20.0, 2_000.0)),
            $from->needed(SumpFields::mm('widthMm', 'The width', 20.0, 2_000.0)),
            $from->whole(Field::whole('count', 'The number', 1, 500)) ?? 1,
        );
    }

    /** @return array<string, Stock> by {@see CutGroup}, where both sides are given */
    private static function stock(Reader $from): array
    {
        $stock = [];
        foreach (CutGroup::cases() as $group) {
            $one = $from->group('stock')->group($group->value, "stock.{$group->value}");
            $length = $one->figure(SumpFields::mm('lengthMm', 'The length', 50.0, 4_000.0));
            $width = $one->figure(SumpFields::mm('widthMm', 'The width', 50.0, 4_000.0));
            if ($length !== null && $width !== null) {
                $stock[$group->value] = new Stock($length, $width);
            }
        }

        return $stock;
    }

    private static function basket(Reader $from): Basket
    {
        $mm = static fn (string $key, string $name, float $least, float $most): float => $from->needed(
            SumpFields::mm($key, $name, $least, $most),
        );

        return new Basket(
            $mm('lengthMm', 'The cavity along the tank', 20.0, 2_000.0),
            $mm('widthMm', 'The cavity from front to back', 20.0, 1_000.0),
            $mm('heightMm', 'The height of the basket', 50.0, 1_500.0),
            $mm('clearanceMm', 'The gap on each side', 0.0, 30.0),
            $mm('thicknessMm', 'The thickness of the sheet', 1.0, 20.0),
            $from->whole(Field::whole('shelves', 'The number of shelves', 1, 12)) ?? Basket::usual()->shelves,
            $mm('inletMm', 'The inlet over the front', 0.0, 500.0),
            $from->has('use') ? self::basketUse($from->group('use', 'basket.use')) : null,
        );
    }

    private static function basketUse(Reader $from): BasketUse
    {
        $layers = $from->list('layers');
        if (count($layers) > self::MOST_LAYERS) {
            $from->noteAt('section', sprintf(
                'A basket can hold %d layers; this one has %d.',
                self::MOST_LAYERS,
                count($layers),
            ));
        }

        return new BasketUse(
            $from->whole(SumpFields::chamber()) ?? 0,
            $from->figure(SumpFields::mm('standMm', 'The foot of the basket', 0.0, 1_000.0)) ?? 0.0,
            $from->flag('sealed'),
            array_map(self::layer(...), $layers),
        );
    }

    private static function layer(Reader $from): Layer
    {
        $id = $from->text('id', 80);
        $from = $from->at("layer.{$id}");
        $kind = $from->optionalWord('kind', LayerKind::class, 'kind of layer') ?? LayerKind::Media;

        return new Layer(
            $id,
            $from->whole(Field::whole('shelf', 'The shelf', 1, 12)) ?? 1,
            $kind,
            $kind->isPad()
                ? $from->needed(SumpFields::mm('heightMm', 'The thickness of the pad', 1.0, 300.0))
                : null,
            $kind->isPad() ? null : $from->optionalWord('medium', Medium::class, 'medium'),
        );
    }
}
