<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What charges take, kept beside the fit that it rests on; it is reckoned anew with it.
        Schema::table('nutrient_fits', function (Blueprint $table): void {
            $table->json('lives')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('nutrient_fits', function (Blueprint $table): void {
            $table->dropColumn('lives');
        });
    }
};
