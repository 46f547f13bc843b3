<?php

declare(strict_types=1);

namespace App\Http\Pages;

use Ithys\Journal\Reading\Parameter;
use Ithys\Quantity\UnitSystem;

/** What is read off kits and meters, as it is named and drawn everywhere. */
final class ParametersView
{
    /** @return list<array<string, mixed>> */
    public static function all(UnitSystem $units): array
    {
        return array_map(static function (Parameter $parameter) use ($units): array {
            $unit = $units->unitOf($parameter->dimension());

            return [
                'key' => $parameter->value,
                'name' => $parameter->label(),
                'unit' => $unit->value,
                'factor' => $unit->factor(),
                'offset' => $unit->offset(),
                'side' => match ($parameter) {
                    Parameter::Nitrate => 'left',
                    Parameter::Phosphate => 'right',
                    default => 'row',
                },
                'axisTop' => $parameter->facts()->axisTop,
                'decimals' => $parameter->facts()->decimals,
            ];
        }, Parameter::cases());
    }
}
