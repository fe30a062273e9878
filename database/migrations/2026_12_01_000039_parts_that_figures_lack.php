<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A figure, or a unit, may lack an area of its type: a sculpt without a horn, a head that is all helmet. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement("ALTER TABLE variations
            DROP CONSTRAINT variations_kind, DROP CONSTRAINT variations_price,
            ADD CONSTRAINT variations_kind CHECK (kind IN ('waiver', 'addition', 'not-asked', 'lacks') AND (kind IN ('not-asked', 'lacks')) = (`use` = '')),
            ADD CONSTRAINT variations_price CHECK (price IS NULL OR (kind NOT IN ('not-asked', 'lacks') AND price <= 100000000000))");
    }

    public function down(): void
    {
        DB::table('variations')->where('kind', 'lacks')->delete();
        DB::statement("ALTER TABLE variations
            DROP CONSTRAINT variations_kind, DROP CONSTRAINT variations_price,
            ADD CONSTRAINT variations_kind CHECK (kind IN ('waiver', 'addition', 'not-asked') AND (kind = 'not-asked') = (`use` = '')),
            ADD CONSTRAINT variations_price CHECK (price IS NULL OR (kind <> 'not-asked' AND price <= 100000000000))");
    }
};
