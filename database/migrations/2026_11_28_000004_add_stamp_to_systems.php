<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const STAMPED = ['entries', 'running_imports', 'revisions', 'path_revisions', 'sump_revisions'];

    /**
     * A stamp that is another whenever something changes that a tide sheet shows. Being random it is never met again,
     * not even where a copy of the data file is put back. SQLite sets it, so that no writer can forget to; another
     * database leaves it empty.
     */
    public function up(): void
    {
        Schema::table('systems', function (Blueprint $table): void {
            $table->char('stamp', 32)->nullable();
        });
        if (DB::getDriverName() !== 'sqlite') {
            return;
        }
        foreach (self::STAMPED as $table) {
            foreach (['insert' => 'new', 'update' => 'new', 'delete' => 'old'] as $event => $row) {
                DB::statement(
                    "create trigger {$table}_{$event}_stamp after {$event} on {$table} begin "
                        ."update systems set stamp = hex(randomblob(16)) where id = {$row}.system_id; end",
                );
            }
        }
        DB::statement(
            'create trigger systems_overlays_stamp after update of overlays on systems begin '
                .'update systems set stamp = hex(randomblob(16)) where id = new.id; end',
        );
    }

    public function down(): void
    {
        foreach (self::STAMPED as $table) {
            foreach (['insert', 'update', 'delete'] as $event) {
                DB::statement("drop trigger if exists {$table}_{$event}_stamp");
            }
        }
        DB::statement('drop trigger if exists systems_overlays_stamp');
        Schema::table('systems', function (Blueprint $table): void {
            $table->dropColumn('stamp');
        });
    }
};
