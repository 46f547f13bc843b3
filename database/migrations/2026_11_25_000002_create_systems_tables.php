<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('systems', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('memberships', function (Blueprint $table): void {
            $table->foreignId('system_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('role', 12);
            $table->primary(['user_id', 'system_id']);
            $table->index('system_id');
        });
        Schema::create('revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->dateTime('in_force_from');
            $table->json('document');
            $table->timestamps();
            $table->index(['system_id', 'in_force_from']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('revisions');
        Schema::dropIfExists('memberships');
        Schema::dropIfExists('systems');
    }
};
