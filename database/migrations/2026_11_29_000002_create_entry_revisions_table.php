<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What an entry was before it was corrected, once for each correction.
        Schema::create('entry_revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('entry_id')->constrained('entries')->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 16);
            $table->dateTime('occurred_at');
            $table->json('payload');
            $table->string('note', 500)->nullable();
            $table->dateTime('replaced_at');
            $table->index('entry_id');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('entry_revisions');
    }
};
