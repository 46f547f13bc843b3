<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // How often activated carbon is changed, by the school its keeper picked.
        Schema::table('systems', function (Blueprint $table): void {
            $table->string('carbon_school', 20)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('systems', function (Blueprint $table): void {
            $table->dropColumn('carbon_school');
        });
    }
};
