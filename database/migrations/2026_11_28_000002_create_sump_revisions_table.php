<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A sump counts from the day it is put in force; what was drawn before stays a draft until its keeper says
        // since when.
        Schema::create('sump_revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->dateTime('in_force_from');
            $table->json('document');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['system_id', 'in_force_from']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('sump_revisions');
    }
};
