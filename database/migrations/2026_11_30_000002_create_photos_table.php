<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // The pictures lie in the data file itself, so that one file still is the whole backup.
        Schema::create('photos', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->date('taken_on');
            $table->string('caption', 200);
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->binary('image');
            $table->binary('thumbnail');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['system_id', 'taken_on']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('photos');
    }
};
