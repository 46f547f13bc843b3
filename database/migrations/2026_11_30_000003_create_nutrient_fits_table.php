<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What was learned of a tank, and of which state of its journal; it can always be learned anew.
        Schema::create('nutrient_fits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->unique()->constrained()->cascadeOnDelete();
            $table->char('stamp', 32)->nullable();
            $table->dateTime('made_at');
            $table->json('document');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('nutrient_fits');
    }
};
