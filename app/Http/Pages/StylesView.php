<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Document\Writer;
use Ithys\Path\Style;
use Ithys\Path\Styles\Cell;
use Ithys\Path\Styles\Criterion;
use Ithys\Path\Styles\Room;
use Ithys\Path\Styles\RoomDocument;
use Ithys\Path\Styles\Skill;
use Ithys\Path\Styles\StyleComparison;
use Ithys\Quantity\UnitSystem;
use Ithys\Quantity\Words;

/** The styles side by side, and the room turned back into its form. */
final class StylesView
{
    /** @return list<array<string, mixed>> a row for each criterion, a cell for each style */
    public static function rows(Room $room, Words $words): array
    {
        $comparison = new StyleComparison($room);

        return array_map(
            static fn (Criterion $criterion): array => [
                'key' => $criterion->value,
                'label' => $criterion->label(),
                'cells' => array_map(
                    static fn (Style $style): array => [
                        'style' => $style->value,
                        ...self::cell($comparison->cell($criterion, $style), $words),
                    ],
                    Style::cases(),
                ),
            ],
            Criterion::cases(),
        );
    }

    /** @return array<string, mixed> */
    private static function cell(Cell $cell, Words $words): array
    {
        return [
            'text' => $words->say($cell->text),
            'severity' => $cell->suits->value,
            'reason' => $words->say($cell->reason),
            'school' => $cell->school === null ? null : $words->say($cell->school),
            'basis' => $cell->basis === null ? null : AssumptionView::of($cell->basis, $words),
        ];
    }

    /** @return array<string, string> */
    public static function form(Room $room, UnitSystem $units): array
    {
        $writer = new Writer($units);
        $fields = RoomDocument::fields();

        return [
            'cabinetLength' => $writer->text($room->cabinet->lengthMm, $fields['cabinetLength']),
            'cabinetWidth' => $writer->text($room->cabinet->widthMm, $fields['cabinetWidth']),
            'cabinetHeight' => $writer->text($room->cabinet->heightMm, $fields['cabinetHeight']),
            'budget' => $writer->text($room->budget, $fields['budget']),
            'powerPrice' => $writer->text($room->pricePerKilowattHour, $fields['powerPrice']),
            'noise' => $room->taste->noise->value,
            'spill' => $room->taste->spill->value,
            'skill' => $room->taste->skill->value,
            'drilled' => $room->drilled ? 'yes' : 'no',
            'look' => $room->taste->cleanLook ? 'clean' : 'any',
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
