<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** The school whose levels a tank is held to; none until the keeper picks one. */
    public function up(): void
    {
        Schema::table('systems', function (Blueprint $table): void {
            $table->string('target_school', 20)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('systems', function (Blueprint $table): void {
            $table->dropColumn('target_school');
        });
    }
};
