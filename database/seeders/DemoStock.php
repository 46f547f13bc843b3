<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Supply;
use App\Models\System;
use App\Models\User;
use DateTimeImmutable;

/** The stock of the demo, made up: some runs low, some is for both tanks, some was never used. */
final class DemoStock
{
    private const ROWS = [
        ['sock', 'Felt socks', '4 in, 200 µm', 1.0, 7.5, 'Laundry shelf', 7.0, false],
        ['pad', 'Coarse pads', '30 x 12 cm', 10.0, 9.0, 'Cabinet, left', 4.0, false],
        ['food pellet', 'Sinking pellets', '1 mm', 100.0, 14.5, 'Cabinet, door', 62.0, true],
        ['food frozen', 'Frozen mysis', 'cubes', 100.0, 6.0, 'Freezer', 45.0, false],
        ['medium gfo', 'GFO', 'fine grain', 500.0, 24.0, 'Cabinet, left', 310.0, false],
        ['test po4', 'Phosphate kit', 'photometer', 25.0, 12.0, 'Drawer', 9.0, true],
    ];

    public static function lay(User $keeper, DateTimeImmutable $counted): void
    {
        $tanks = System::query()->orderBy('id')->pluck('id')->all();
        foreach (self::ROWS as [$consumable, $name, $size, $pack, $price, $place, $there, $isShared]) {
            $supply = Supply::query()->create([
                'consumable' => $consumable,
                'name' => $name,
                'size' => $size,
                'per_pack' => $pack,
                'price' => $price,
                'place' => $place,
                'delivery_days' => 5,
            ]);
            $supply->systems()->sync($isShared ? $tanks : [$tanks[0]]);
            $supply->setPrices();
            $supply->moves()->create([
                'user_id' => $keeper->id,
                'at' => $counted,
                'what' => 'counted',
                'amount' => $there,
            ]);
        }
    }
}
