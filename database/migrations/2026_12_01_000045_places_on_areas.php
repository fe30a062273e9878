<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Names of places on an area: brow and chin of a face. Of the areas there are, nobody has said any. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('figure_areas', static function (Blueprint $table): void {
            $table->json('places')->default('[]')->after('sides');
        });
        DB::statement("ALTER TABLE figure_areas ADD CONSTRAINT figure_areas_places CHECK (JSON_TYPE(places) = 'ARRAY')");
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE figure_areas DROP CONSTRAINT figure_areas_places');
        Schema::table('figure_areas', static fn (Blueprint $table) => $table->dropColumn('places'));
    }
};
