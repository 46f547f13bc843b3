<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Weekdays without work, and who does which chore.
        Schema::table('systems', function (Blueprint $table): void {
            $table->json('care_plan')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('systems', function (Blueprint $table): void {
            $table->dropColumn('care_plan');
        });
    }
};
