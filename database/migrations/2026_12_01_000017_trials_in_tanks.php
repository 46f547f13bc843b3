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
        Schema::table('trials', function (Blueprint $table): void {
            // "units", or how it is run in the tanks themselves.
            $table->string('form', 10)->default('units');
            // The second of two tanks.
            $table->foreignId('other_system_id')->nullable()->constrained('systems')->nullOnDelete();
            // The change in the journal that is judged.
            $table->unsignedBigInteger('entry_id')->nullable();
            // Days of the trial on which it was really switched, by the planned ones.
            $table->json('switched')->default('{}');
            $table->json('lessons')->default('[]');
            // Of the last change, so that what was judged is kept until the next.
            $table->unsignedBigInteger('stamp')->default(0);
            $table->index('system_id');
            $table->index('other_system_id');
        });
        Schema::table('trial_readings', function (Blueprint $table): void {
            $table->string('parameter', 20)->default('no3');
        });
        foreach (DB::table('trials')->get(['id', 'plan']) as $trial) {
            $plan = json_decode((string) $trial->plan, true);
            DB::table('trial_readings')->where('trial_id', $trial->id)->update([
                'parameter' => is_array($plan) ? $plan['parameter'] ?? 'no3' : 'no3',
            ]);
        }
        Schema::table('trial_readings', function (Blueprint $table): void {
            $table->dropUnique(['trial_id', 'unit', 'day']);
            $table->unique(['trial_id', 'parameter', 'unit', 'day']);
        });
        Schema::table('photos', function (Blueprint $table): void {
            $table->foreignId('trial_id')->nullable()->constrained()->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('photos', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('trial_id');
        });
        Schema::table('trial_readings', function (Blueprint $table): void {
            $table->dropUnique(['trial_id', 'parameter', 'unit', 'day']);
            $table->dropColumn('parameter');
            $table->unique(['trial_id', 'unit', 'day']);
        });
        Schema::table('trials', function (Blueprint $table): void {
            $table->dropIndex(['system_id']);
            $table->dropIndex(['other_system_id']);
            $table->dropConstrainedForeignId('other_system_id');
            $table->dropColumn(['form', 'entry_id', 'switched', 'lessons', 'stamp']);
        });
    }
};
