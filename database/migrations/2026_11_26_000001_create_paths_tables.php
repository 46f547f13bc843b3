<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('path_drafts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name', 80);
            $table->json('document');
            // Counts the times it was saved, so that two open pages do not overwrite each other unseen.
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->softDeletes();
            $table->index(['system_id', 'updated_at']);
        });
        Schema::create('path_revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('path_draft_id')->nullable()->constrained()->nullOnDelete();
            $table->dateTime('in_force_from');
            $table->json('document');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['system_id', 'in_force_from']);
        });
        Schema::table('systems', function (Blueprint $table): void {
            $table->json('room')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('systems', fn (Blueprint $table) => $table->dropColumn('room'));
        Schema::dropIfExists('path_revisions');
        Schema::dropIfExists('path_drafts');
    }
};
