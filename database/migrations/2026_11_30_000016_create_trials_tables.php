<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('trials', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained()->cascadeOnDelete();
            $table->json('plan');
            // By which the arms are placed; the plan is locked once it has started.
            $table->unsignedInteger('seed');
            $table->string('started', 10)->nullable();
            $table->string('ended', 10)->nullable();
            $table->json('amendments');
            $table->softDeletes();
        });
        Schema::create('trial_readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('trial_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('unit', 8);
            $table->unsignedSmallInteger('day');
            // As it is typed, such as "8.5 cloudy" or "missing: the kit ran out".
            $table->string('cell', 80);
            $table->unique(['trial_id', 'unit', 'day']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('trial_readings');
        Schema::dropIfExists('trials');
    }
};
