<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * What is left of a paint may be unknown. A studio in which every pot stands at nought never counted: nought was what a
 * list without a number became. Where one pot was counted, the others stay as they are.
 */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('ALTER TABLE paints MODIFY stock_ml DOUBLE NULL');
        DB::statement('UPDATE paints SET stock_ml = NULL WHERE studio_id NOT IN (SELECT studio_id FROM (SELECT DISTINCT studio_id FROM paints WHERE stock_ml > 0) AS counting)');
    }

    public function down(): void
    {
        DB::statement('UPDATE paints SET stock_ml = 0 WHERE stock_ml IS NULL');
        DB::statement('ALTER TABLE paints MODIFY stock_ml DOUBLE NOT NULL');
    }
};
