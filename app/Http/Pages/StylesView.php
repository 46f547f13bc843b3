<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Path\Style;
use Ithys\Path\Styles\Criterion;
use Ithys\Path\Styles\Room;
use Ithys\Path\Styles\Skill;
use Ithys\Path\Styles\StyleComparison;
use Ithys\Quantity\Dimension;
use Ithys\Quantity\UnitSystem;

/** The styles side by side, and the room turned back into its form. */
final class StylesView
{
    /** @return list<array<string, mixed>> a row for each criterion, a cell for each style */
    public static function rows(Room $room, UnitSystem $units): array
    {
        $comparison = new StyleComparison($room, $units);

        return array_map(
            static fn (Criterion $criterion): array => [
                'key' => $criterion->value,
                'label' => $criterion->label(),
                'cells' => array_map(
                    static fn (Style $style): array => [
                        'style' => $style->value,
                        ...$comparison->cell($criterion, $style)->toArray(),
                    ],
                    Style::cases(),
                ),
            ],
            Criterion::cases(),
        );
    }

    /** @return array<string, string> */
    public static function form(Room $room, UnitSystem $units): array
    {
        $length = static fn (?float $mm): string => $mm === null
            ? ''
            : TankForm::plain($mm / $units->unitOf(Dimension::Length)->factor());

        return [
            'cabinetLength' => $length($room->cabinetLengthMm),
            'cabinetWidth' => $length($room->cabinetWidthMm),
            'cabinetHeight' => $length($room->cabinetHeightMm),
            'budget' => $room->budget === null ? '' : TankForm::plain($room->budget),
            'powerPrice' => TankForm::plain($room->pricePerKilowattHour),
            'noise' => $room->noise->value,
            'spill' => $room->spill->value,
            'skill' => $room->skill->value,
            'drilled' => $room->drilled ? 'yes' : 'no',
            'look' => $room->cleanLook ? 'clean' : 'any',
        ];
    }

    /** @return list<array{string, string}> */
    public static function skills(): array
    {
        return array_map(static fn (Skill $skill): array => [$skill->value, $skill->label()], Skill::cases());
    }

    /** @return list<array{key: string, label: string}> */
    public static function styles(): array
    {
        return array_map(
            static fn (Style $style): array => ['key' => $style->value, 'label' => $style->label()],
            Style::cases(),
        );
    }
}
