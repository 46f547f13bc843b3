<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;
use Illuminate\Support\Facades\File;
use Tests\Support\Mutations;

it('answers ten thousand spoiled requests without a fault of its own, and every page stays whole', function (
    int $seed,
): void {
    $this->actingAs($keeper = User::factory()->create());
    $system = System::factory()->ownedBy($keeper)->create();
    expect((new Mutations($this, $system, $seed))->send(1000))->toBe([]);
    File::deleteDirectory(storage_path("ithys/imports/{$system->id}"));
    foreach (
        [
            'path',
            'path/water',
            'path/styles',
            'path/compare',
            'section',
            'section/sheet',
            'section/build',
            'journal',
            'journal?range=all&view=table',
            'bin',
            'readings.csv',
        ] as $page
    ) {
        $this->get("/systems/{$system->id}/{$page}")->assertOk();
    }
})->with(range(101, 110));
