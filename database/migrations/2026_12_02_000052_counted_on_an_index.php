<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What Today counts of figures names the studio too, and the row of each figure was read for that: with it the index is enough.
 * Who painted what a record is of stands beside it, so that it can be found; figures that have names
 * of their own are few, and found without reading those that have none.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('figures', static function (Blueprint $table): void {
            $table->index(['unit_id', 'state', 'studio_id', 'painter_id'], 'figures_counted');
            $table->dropIndex('figures_unit_state');
            $table->index(['studio_id', 'state', 'unit_id', 'painter_id'], 'figures_by_state');
            $table->index(['studio_id', 'name'], 'figures_named');
        });
        DB::statement("ALTER TABLE sign_offs ADD painted_by VARCHAR(500) AS (LEFT(JSON_QUERY(record, '$.painters'), 500)) PERSISTENT");
        Schema::table('sign_offs', static fn (Blueprint $table) => $table->index(['studio_id', 'painted_by'], 'sign_offs_painted_by'));
    }

    public function down(): void
    {
        Schema::table('sign_offs', static function (Blueprint $table): void {
            $table->dropIndex('sign_offs_painted_by');
            $table->dropColumn('painted_by');
        });
        Schema::table('figures', static function (Blueprint $table): void {
            $table->index(['unit_id', 'state'], 'figures_unit_state');
            $table->dropIndex('figures_counted');
            $table->dropIndex('figures_by_state');
            $table->dropIndex('figures_named');
        });
    }
};
