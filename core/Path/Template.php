<?php

declare(strict_types=1);

namespace Ithys\Path;

use Ithys\Media\Medium;

/** A path to start from, one for each style, in the usual order of its stages. */
final class Template
{
    public static function empty(Style $style): Path
    {
        return Path::of($style->label(), $style, null, Stock::Medium, Stock::Medium, [], [new Line(Line::MAIN, [])]);
    }

    public static function of(Style $style): Path
    {
        $items = match ($style) {
            Style::Sump => [
                self::item(Kind::OverflowDrilled),
                self::item(
                    Kind::Sock,
                    'Felt socks',
                    figures: [Figure::Count->value => 2],
                    choices: ['material' => 'felt', 'hole' => '4in'],
                ),
                self::item(Kind::Skimmer),
                self::item(Kind::Refugium),
                self::item(Kind::Bag, 'Carbon bag', media: [Medium::ActivatedCarbon]),
                self::item(Kind::Pad, 'Catch pad', choices: ['grade' => 'fine']),
                self::item(Kind::BubbleTrap),
                self::item(Kind::Heater),
                self::item(Kind::TopOff),
                self::item(Kind::ReturnPump),
            ],
            Style::RearChamber => [
                self::item(Kind::Weir),
                self::item(Kind::Sponge, choices: ['grade' => 'coarse']),
                self::item(Kind::Floss),
                self::item(Kind::Biological),
                self::item(Kind::Basket, media: [Medium::ActivatedCarbon, Medium::Gfo]),
                self::item(Kind::Pad, 'Catch pad', choices: ['grade' => 'fine']),
                self::item(Kind::Heater),
                self::item(Kind::ReturnPump),
            ],
            Style::Canister => [
                self::item(Kind::Intake, flags: [Flag::Surface]),
                self::item(Kind::PreFilter),
                self::item(Kind::Biological),
                self::item(Kind::CanisterBasket, 'Carbon and GFO', media: [Medium::ActivatedCarbon, Medium::Gfo]),
                self::item(Kind::Pad, 'Catch pad', choices: ['grade' => 'fine']),
                self::item(Kind::ReturnPump, 'Canister motor'),
            ],
            Style::HangOn => [
                self::item(Kind::Intake, flags: [Flag::Surface]),
                self::item(Kind::PreFilter),
                self::item(Kind::ReturnPump, 'Motor'),
                self::item(Kind::Biological),
                self::item(Kind::Bag, 'Carbon bag', media: [Medium::ActivatedCarbon]),
                self::item(Kind::Bag, 'GFO bag', media: [Medium::Gfo]),
                self::item(Kind::Floss),
            ],
            Style::Internal => [
                self::item(Kind::Intake, flags: [Flag::Surface]),
                self::item(Kind::Sponge, 'Coarse sponge', choices: ['grade' => 'coarse']),
                self::item(Kind::Sponge, 'Fine sponge', choices: ['grade' => 'medium']),
                self::item(Kind::Bag, 'Carbon bag', media: [Medium::ActivatedCarbon]),
                self::item(Kind::Bag, 'GFO bag', media: [Medium::Gfo]),
                self::item(Kind::Floss),
                self::item(Kind::ReturnPump, 'Pump'),
            ],
        };
        $numbered = [];
        foreach ($items as $i => $make) {
            $numbered[] = $make('i'.($i + 1));
        }

        return Path::of(
            $style->label(),
            $style,
            null,
            Stock::Medium,
            Stock::Medium,
            [],
            [new Line(Line::MAIN, $numbered)],
        );
    }

    /**
     * @param  array<string, float|int>  $figures
     * @param  array<string, string>  $choices
     * @param  list<Flag>  $flags
     * @param  list<Medium>  $media
     * @return callable(string): Item
     */
    private static function item(
        Kind $kind,
        string $name = '',
        array $figures = [],
        array $choices = [],
        array $flags = [],
        array $media = [],
    ): callable {
        return static fn (string $id): Item => new Item(
            $id,
            $kind,
            new ItemWords($name),
            figures: array_map(floatval(...), $figures),
            choices: $choices,
            flags: $flags,
            media: array_map(static fn (Medium $medium): Load => new Load($medium, null), $media),
        );
    }
}
