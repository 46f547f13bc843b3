<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Assumptions one tank has otherwise: {key: {value, reason}}. */
    public function up(): void
    {
        Schema::table('systems', function (Blueprint $table): void {
            $table->json('overlays')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('systems', function (Blueprint $table): void {
            $table->dropColumn('overlays');
        });
    }
};
