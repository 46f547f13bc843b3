<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Assumption\Assumptions;
use Ithys\Media\Medium;
use Ithys\Path\Choice;
use Ithys\Path\Figure;
use Ithys\Path\Flag;
use Ithys\Path\Group;
use Ithys\Path\Kind;
use Ithys\Path\Stage;
use Ithys\Path\Stock;
use Ithys\Path\Style;
use Ithys\Quantity\UnitSystem;

/** The equipment catalogue with the fields of each kind, as the page draws it. */
final class CatalogueView
{
    private const ROOM_AND_POWER = [
        Figure::Watts,
        Figure::Hours,
        Figure::Sockets,
        Figure::Length,
        Figure::Width,
        Figure::Height,
    ];

    /** @return array<string, mixed> */
    public static function of(UnitSystem $units, Assumptions $assumptions): array
    {
        $figures = array_map(
            static fn (Figure $figure): array => [
                'label' => $figure->label(),
                'unit' => self::unit($figure, $units),
            ],
            Figure::cases(),
        );
        $choices = array_map(
            static fn (Choice $choice): array => [
                'label' => $choice->label(),
                'options' => self::pairs($choice->options()),
            ],
            Choice::cases(),
        );

        return [
            'groups' => array_map(
                static fn (Group $group): array => ['key' => $group->value, 'label' => $group->label()],
                Group::cases(),
            ),
            'kinds' => array_map(static fn (Kind $kind): array => self::kind($kind, $assumptions), Kind::cases()),
            'figures' => array_combine(array_column(Figure::cases(), 'value'), $figures),
            'choices' => array_combine(array_column(Choice::cases(), 'value'), $choices),
            'flags' => array_combine(
                array_column(Flag::cases(), 'value'),
                array_map(static fn (Flag $flag): string => $flag->label(), Flag::cases()),
            ),
            'media' => array_map(
                static fn (Medium $medium): array => [$medium->value, $medium->label()],
                Medium::cases(),
            ),
            'styles' => array_map(static fn (Style $style): array => [$style->value, $style->label()], Style::cases()),
            'stocks' => array_map(static fn (Stock $stock): array => [$stock->value, $stock->label()], Stock::cases()),
            'stages' => array_map(
                static fn (Stage $stage): array => ['key' => $stage->value, 'label' => $stage->label()],
                Stage::cases(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function kind(Kind $kind, Assumptions $assumptions): array
    {
        $spec = $kind->spec();

        return [
            'key' => $kind->value,
            'label' => $spec->label,
            'group' => $spec->group->value,
            'says' => $spec->says,
            'holdsMedia' => $kind->holdsMedia(),
            'returns' => $kind === Kind::ReturnPump,
            'underPressure' => $kind->worksUnderPressure(),
            'usual' => [
                'count' => '1',
                'watts' => $kind->hasUsualPower() ? (string) $assumptions->value("watts-{$kind->value}") : '',
                'hoursPerDay' => $kind->isPowered() && $kind !== Kind::Heater
                    ? (string) $assumptions->value("hours-{$kind->value}")
                    : '',
                'sockets' => (string) $spec->sockets,
            ],
            'figures' => array_map(static fn (Figure $figure): string => $figure->value, [
                ...$spec->figures,
                Figure::Count,
                Figure::FlowLimit,
            ]),
            'roomAndPower' => array_map(static fn (Figure $figure): string => $figure->value, self::ROOM_AND_POWER),
            'choices' => array_map(static fn (Choice $choice): string => $choice->value, $spec->choices),
            'flags' => array_map(static fn (Flag $flag): string => $flag->value, [...$spec->flags, Flag::CarriesFlow]),
        ];
    }

    private static function unit(Figure $figure, UnitSystem $units): string
    {
        $dimension = $figure->dimension();

        return $dimension === null ? '' : $units->unitOf($dimension)->value;
    }

    /**
     * @param  array<string, string>  $options
     * @return list<array{string, string}>
     */
    private static function pairs(array $options): array
    {
        return array_map(
            static fn (string $word, string $shown): array => [$word, $shown],
            array_keys($options),
            array_values($options),
        );
    }
}
