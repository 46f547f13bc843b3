<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            // What was saved together is undone together.
            $table->char('batch', 26);
            $table->string('kind', 16);
            $table->dateTime('occurred_at');
            $table->json('payload');
            $table->string('note', 500)->nullable();
            $table->char('fingerprint', 32)->nullable();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['system_id', 'batch']);
        });
        // The journal is read by time and the bin by when it was filled; each index holds its own rows only.
        DB::statement('create index entries_journal on entries (system_id, occurred_at, id) where deleted_at is null');
        DB::statement('create index entries_bin on entries (system_id, deleted_at) where deleted_at is not null');
        // The same reading may stand in the bin and be logged anew, but not twice in the journal.
        DB::statement(
            'create unique index entries_fingerprint_unique on entries (system_id, fingerprint) where deleted_at is '
                .'null',
        );
    }

    public function down(): void
    {
        Schema::dropIfExists('entries');
    }
};
