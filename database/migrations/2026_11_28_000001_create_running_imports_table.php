<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Entries of a batch that stands here are not part of the journal yet.
        Schema::create('running_imports', function (Blueprint $table): void {
            $table->char('batch', 26)->primary();
            $table->foreignId('system_id')->constrained()->cascadeOnDelete();
            $table->index('system_id');
        });
        Schema::table('systems', function (Blueprint $table): void {
            // Each counts the times it was saved, so that two open pages do not overwrite each other unseen.
            $table->unsignedInteger('tank_version')->default(1);
            $table->unsignedInteger('room_version')->default(1);
        });
    }

    public function down(): void
    {
        Schema::table('systems', fn (Blueprint $table) => $table->dropColumn(['tank_version', 'room_version']));
        Schema::dropIfExists('running_imports');
    }
};
