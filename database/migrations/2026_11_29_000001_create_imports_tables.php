<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // The files that were read into a journal; their entries carry the batch.
        Schema::create('imports', function (Blueprint $table): void {
            $table->char('batch', 26)->primary();
            $table->foreignId('system_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('file', 120);
            $table->dateTime('created_at');
            $table->index('system_id');
        });
        // How a keeper had a table read, for the next one with the same headings.
        Schema::create('table_choices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->char('headings', 32);
            $table->json('choices');
            $table->dateTime('updated_at');
            $table->unique(['user_id', 'headings']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('table_choices');
        Schema::dropIfExists('imports');
    }
};
