<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Who keeps an eye on a tank for some days, by an address that ends with the stay.
        Schema::create('sitters', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('first_day', 10);
            $table->string('last_day', 10);
            $table->string('food', 300);
            $table->string('call', 200);
            $table->string('notes', 1000);
            $table->string('token_hash', 64)->unique();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('sitters');
    }
};
