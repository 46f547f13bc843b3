<?php

declare(strict_types=1);

use App\Models\System;
use App\Models\User;
use Illuminate\Support\Facades\File;
use Tests\Support\Mutations;

// A small share of the ten thousand in the slow suite.

it('answers four hundred spoiled requests without a fault of its own', function (): void {
    $this->actingAs($keeper = User::factory()->create());
    $system = System::factory()->ownedBy($keeper)->create();
    expect((new Mutations($this, $system, 1))->send(400))->toBe([]);
    File::deleteDirectory(storage_path("ithys/imports/{$system->id}"));
    foreach (['path', 'path/water', 'path/styles', 'section', 'section/build', 'journal', 'bin'] as $page) {
        $this->get("/systems/{$system->id}/{$page}")->assertOk();
    }
});
