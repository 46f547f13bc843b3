<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Alerts that a keeper has put off, by what they are about, and why.
        Schema::create('alert_delays', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('system_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('alert', 60);
            $table->dateTime('until');
            $table->string('reason', 200);
            $table->unique(['system_id', 'alert']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('alert_delays');
    }
};
