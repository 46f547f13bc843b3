<?php

declare(strict_types=1);

namespace App\Http\Pages;

use App\Exchange\TableImport;
use Ithys\Journal\Reading\Parameter;
use Ithys\Journal\Table\Column;
use Ithys\Journal\Table\ColumnRole;
use Ithys\Journal\Table\Done;
use Ithys\Quantity\Words;

/** How an uploaded table is read, as its preview shows it. */
final class ImportView
{
    /** @return array<string, mixed> */
    public static function of(TableImport $import, Words $words): array
    {
        $layout = $import->layout;
        $asked = [];
        foreach ($layout->questions() as [$column, $says, $could]) {
            $asked[$column->at] = ['says' => $words->say($says), 'units' => $could];
        }

        return [
            'separator' => $import->separator,
            'dates' => $layout->dateOrder->value,
            'decimals' => $layout->decimalComma ? 'comma' : 'point',
            'because' => $import->choices->because,
            'columns' => array_map(static fn (Column $column): array => [
                'heading' => $column->heading,
                'use' => $column->key(),
                'unit' => $column->unitKey(),
                'units' => array_values(array_unique(array_filter(
                    [...$column->units(), $column->unitKey()],
                    static fn (string $unit): bool => $unit !== '',
                ))),
                'assumed' => $column->use instanceof Parameter ? $column->units()[0] ?? '' : '',
                'limit' => $column->limit ?? '',
                'wantsLimit' => $column->limit !== null || $column->sample?->hasUndetected === true,
                'asked' => $asked[$column->at] ?? null,
            ], $layout->columns),
        ];
    }

    /** @return list<array{string, list<array{string, string}>}> what a column can hold, in groups */
    public static function uses(): array
    {
        return [
            ['When and how', array_map(
                static fn (ColumnRole $role): array => [$role->value, $role->label()],
                ColumnRole::cases(),
            )],
            ['Read', array_map(
                static fn (Parameter $parameter): array => [$parameter->value, $parameter->label()],
                Parameter::cases(),
            )],
            ['Done', array_map(static fn (Done $done): array => [$done->value, $done->value], Done::all())],
        ];
    }
}
