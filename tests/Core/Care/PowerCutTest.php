<?php

declare(strict_types=1);

use Ithys\Assumption\Assumptions;
use Ithys\Care\PowerCut;
use Ithys\System\Setup;
use Ithys\Water\Oxygen;
use Tests\Support\Logged;
use Tests\Support\Tanks;

function powerCut(?float $grams, array $items = []): PowerCut
{
    return PowerCut::of(new Setup(Tanks::box(), Logged::path($items)), Assumptions::standard(), $grams);
}

// Worked by hand from the project's check value: Garcia and Gordon 1992 (gsw O2sol_SP_pt), S 35, 25 °C: 206.3 µmol/kg,
// times 31.9988 g/mol and 1.0233 kg/L, are 6.75 mg/L.
it('says how long the oxygen lasts, by what is used of it', function (): void {
    $cut = powerCut(250);
    $litres = (new Setup(Tanks::box()))->workingVolume()->litres;
    expect($cut->saturation)->toEqualWithDelta(6.75, 0.03)
        ->and($cut->saturation)->toBe(Oxygen::saturation(25, 35))
        ->and($cut->hours[0])->toEqualWithDelta(2.75 * $litres / (250 * 0.4 + 0.08 * $litres), 0.2)
        ->and($cut->hours[1])->toBe($cut->hours[0] / 2)->and($cut->hours[2])->toBe(2 * $cut->hours[0]);
});

it('lasts the shorter the more lives in it, and says nothing of what nobody weighed', function (): void {
    $before = INF;
    foreach ([1, 50, 200, 1000] as $grams) {
        expect(powerCut($grams)->hours[0])->toBeLessThan($before);
        $before = powerCut($grams)->hours[0];
    }
    expect(powerCut(null)->hours)->toBeNull();
});

it('sizes a battery by watts and hours, with what does not come out of it', function (): void {
    $cut = powerCut(250, [['id' => 'p', 'kind' => 'return-pump', 'figures' => ['watts' => 30]]]);
    // 30 W for 6 h are 180 Wh; 65 % comes out: 277 Wh, 23.1 Ah at 12 V.
    expect($cut->ampereHours(30, 6))->toEqualWithDelta(23.08, 0.01)
        ->and(array_values($cut->watts))->toBe([4.0, 30.0])
        // A pump of 30 W that starts at three times that.
        ->and($cut->generatorWatts)->toBe(90.0)
        ->and(powerCut(250)->generator())->toBeNull()
        ->and($cut->hasCanister)->toBeFalse();
});
