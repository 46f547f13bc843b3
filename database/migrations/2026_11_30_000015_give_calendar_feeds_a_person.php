<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('calendar_feeds', function (Blueprint $table): void {
            // Whose tasks it has; empty for everybody's.
            $table->string('person', 40)->default('');
            $table->unique(['user_id', 'person']);
            $table->dropUnique(['user_id']);
        });
    }

    public function down(): void
    {
        Schema::table('calendar_feeds', function (Blueprint $table): void {
            $table->dropUnique(['user_id', 'person']);
            $table->unique(['user_id']);
            $table->dropColumn('person');
        });
    }
};
