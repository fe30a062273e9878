<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** What is added names the tier that it comes from; more and less have a price, of one figure in the smallest unit of the currency. */
    public function up(): void
    {
        Schema::table('variations', function (Blueprint $table): void {
            $table->foreignId('tier_id')->nullable()->after('figure_area_id')->constrained();
            $table->unsignedBigInteger('price')->nullable()->after('agreed_with');
        });
        DB::statement("ALTER TABLE variations
            ADD CONSTRAINT variations_tier CHECK ((kind = 'addition') = (tier_id IS NOT NULL)),
            ADD CONSTRAINT variations_price CHECK (price IS NULL OR (kind <> 'not-asked' AND price <= 100000000000))");
    }

    public function down(): void
    {
        DB::table('variations')->where('kind', 'addition')->delete();
        DB::statement('ALTER TABLE variations DROP CONSTRAINT variations_tier, DROP CONSTRAINT variations_price');
        Schema::table('variations', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('tier_id');
            $table->dropColumn('price');
        });
    }
};
