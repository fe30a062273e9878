<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A signed figure comes back as new work on it; a figure comes that somebody else has painted. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('figures', function (Blueprint $table): void {
            // The record of what was on the figure; what is painted now comes to it. One record is raised once.
            $table->foreignId('raises_id')->nullable()->unique()->constrained('sign_offs');
            $table->boolean('elsewhere')->default(false);
        });
        DB::statement('ALTER TABLE figures ADD CONSTRAINT figures_elsewhere CHECK (NOT (elsewhere AND raises_id IS NOT NULL))');
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE figures DROP CONSTRAINT figures_elsewhere');
        Schema::table('figures', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('raises_id');
            $table->dropColumn('elsewhere');
        });
    }
};
