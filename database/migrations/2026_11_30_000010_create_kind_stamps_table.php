<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /**
     * Like the stamp of a tank, one for each kind of entry: what rests on meals alone stays when water is changed.
     * What is no entry stamps a kind of its own, "*".
     */
    public function up(): void
    {
        Schema::create('kind_stamps', function (Blueprint $table): void {
            $table->foreignId('system_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 40);
            $table->char('stamp', 32);
            $table->primary(['system_id', 'kind']);
        });
        DB::statement(
            'create index entries_kinds on entries (system_id, kind, occurred_at, id) where deleted_at is null',
        );
        if (DB::getDriverName() !== 'sqlite') {
            return;
        }
        $set = static fn (string $id, string $kind): string => 'insert into kind_stamps (system_id, kind, stamp) '
            ."select id, {$kind}, hex(randomblob(16)) from systems where id = {$id} "
            .'on conflict (system_id, kind) do update set stamp = excluded.stamp; ';
        foreach (['insert' => ['new'], 'update' => ['old', 'new'], 'delete' => ['old']] as $event => $rows) {
            $sets = implode('', array_map(static fn (string $row): string => $set(
                "{$row}.system_id",
                "{$row}.kind",
            ), $rows));
            DB::statement("create trigger entries_{$event}_kind_stamp after {$event} on entries begin {$sets}end");
        }
        foreach (['running_imports', 'revisions', 'path_revisions', 'sump_revisions'] as $table) {
            foreach (['insert' => 'new', 'update' => 'new', 'delete' => 'old'] as $event => $row) {
                DB::statement(
                    "create trigger {$table}_{$event}_kind_stamp after {$event} on {$table} begin "
                        .$set("{$row}.system_id", "'*'").'end',
                );
            }
        }
        DB::statement(
            'create trigger systems_overlays_kind_stamp after update of overlays on systems begin '
                .$set('new.id', "'*'").'end',
        );
    }

    public function down(): void
    {
        foreach (['entries', 'running_imports', 'revisions', 'path_revisions', 'sump_revisions'] as $table) {
            foreach (['insert', 'update', 'delete'] as $event) {
                DB::statement("drop trigger if exists {$table}_{$event}_kind_stamp");
            }
        }
        DB::statement('drop trigger if exists systems_overlays_kind_stamp');
        DB::statement('drop index if exists entries_kinds');
        Schema::dropIfExists('kind_stamps');
    }
};
