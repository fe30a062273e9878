<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /**
     * A figure type can be changed and retired. Of an area that was sized by a word the word is kept, so that its share
     * follows when another area comes or goes; of those that are there already only the share is known, and it stands.
     */
    public function up(): void
    {
        Schema::table('figure_types', static fn (Blueprint $table) => $table->boolean('retired')->default(false));
        Schema::table('figure_areas', static fn (Blueprint $table) => $table->string('weight', 10)->nullable());
        DB::statement("ALTER TABLE figure_areas ADD CONSTRAINT figure_areas_weight CHECK (weight IS NULL OR weight IN ('tiny', 'small', 'medium', 'large'))");
        DB::statement('ALTER TABLE figure_types ADD CONSTRAINT figure_types_retired CHECK (retired = 0 OR job_id IS NULL)');
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE figure_types DROP CONSTRAINT figure_types_retired');
        DB::statement('ALTER TABLE figure_areas DROP CONSTRAINT figure_areas_weight');
        Schema::table('figure_areas', static fn (Blueprint $table) => $table->dropColumn('weight'));
        Schema::table('figure_types', static fn (Blueprint $table) => $table->dropColumn('retired'));
    }
};
