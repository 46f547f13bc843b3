<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        // One for each tank: what is being learned of it, and why the last try failed.
        Schema::create('learning', function (Blueprint $table): void {
            $table->foreignId('system_id')->primary()->constrained()->cascadeOnDelete();
            $table->dateTime('queued_at')->nullable();
            // The state of the journal that was tried last.
            $table->char('stamp', 32)->nullable();
            $table->string('problem')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('learning');
        Schema::dropIfExists('jobs');
    }
};
