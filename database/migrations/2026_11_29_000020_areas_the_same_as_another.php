<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('scheme_areas', function (Blueprint $table): void {
            // Empty: the area has its own colours; else the area whose colours it takes, but for what it says itself.
            $table->string('same_as', 120)->default('');
        });
        DB::statement('ALTER TABLE scheme_areas ADD CONSTRAINT scheme_areas_same_as CHECK (same_as <> area)');
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE scheme_areas DROP CONSTRAINT scheme_areas_same_as');
        Schema::table('scheme_areas', static fn (Blueprint $table) => $table->dropColumn('same_as'));
    }
};
