<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What is bought and used up; it may serve several tanks.
        Schema::create('supplies', function (Blueprint $table): void {
            $table->id();
            $table->string('consumable', 40);
            $table->string('name', 80);
            $table->string('size', 60);
            $table->float('per_pack');
            $table->float('price')->nullable();
            $table->string('place', 80);
            $table->string('opened', 10)->nullable();
            $table->string('best_before', 10)->nullable();
            $table->unsignedSmallInteger('delivery_days');
            $table->softDeletes();
        });
        Schema::create('supply_system', function (Blueprint $table): void {
            $table->foreignId('supply_id')->constrained()->cascadeOnDelete();
            $table->foreignId('system_id')->constrained()->cascadeOnDelete();
            $table->primary(['system_id', 'supply_id']);
        });
        Schema::create('supply_moves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('supply_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->dateTime('at');
            $table->string('what', 10);
            $table->float('amount');
            $table->index(['supply_id', 'at']);
        });
        // Three letters such as EUR; null where figures stand without one.
        Schema::table('users', function (Blueprint $table): void {
            $table->string('currency', 3)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn('currency');
        });
        Schema::dropIfExists('supply_moves');
        Schema::dropIfExists('supply_system');
        Schema::dropIfExists('supplies');
    }
};
