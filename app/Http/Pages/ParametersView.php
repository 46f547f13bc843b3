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
        return array_map(static fn (Parameter $parameter): array => [
            'key' => $parameter->value,
            'name' => $parameter->label(),
            'unit' => $units->unitOf($parameter->dimension())->value,
            'side' => $parameter->isOnTheLeft() ? 'left' : 'right',
            'axisTop' => $parameter->facts()->axisTop,
            'decimals' => $parameter->facts()->decimals,
        ], Parameter::cases());
    }
}
