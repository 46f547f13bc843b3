<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What was chosen without its tank cannot be told apart: it is asked again.
        Schema::dropIfExists('table_choices');
        Schema::create('table_choices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('system_id')->constrained()->cascadeOnDelete();
            $table->char('headings', 32);
            $table->json('choices');
            $table->dateTime('updated_at');
            $table->unique(['user_id', 'system_id', 'headings']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('table_choices');
        Schema::create('table_choices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->char('headings', 32);
            $table->json('choices');
            $table->dateTime('updated_at');
            $table->unique(['user_id', 'headings']);
        });
    }
};
