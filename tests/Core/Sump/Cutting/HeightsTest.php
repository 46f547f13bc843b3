<?php

declare(strict_types=1);

use Ithys\Sump\Cutting\Heights;
use Tests\Support\Sketched;

it('says how high over the floor pieces are set that do not stand on it', function (): void {
    $sump = Sketched::sump([
        'trays' => [Sketched::tray(300, ['sock-4in' => ['lengthMm' => 102, 'standsMm' => 25, 'hangsMm' => 200]])],
    ]);
    // A hanging baffle by its gap; a tray of 8 mm with its top at 300 lies on ledges of 292 mm.
    expect(Heights::of($sump->section(Sketched::tank())))->toBe(['under' => 30.0, 'tray' => 292.0]);
});
