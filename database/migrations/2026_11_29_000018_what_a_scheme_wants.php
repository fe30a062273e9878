<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A value sketch over the primer, one colour over most of the figure, areas that shall be quiet. What stands wants none of them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('schemes', function (Blueprint $table): void {
            $table->foreignId('sketch_paint_id')->nullable()->after('ground_paint_id')->constrained('paints');
            $table->double('sketch_cover')->default(0.5)->after('sketch_paint_id');
            $table->boolean('one_colour')->default(false)->after('focal');
        });
        DB::statement('ALTER TABLE schemes ADD CONSTRAINT schemes_sketch CHECK (sketch_cover > 0 AND sketch_cover <= 1)');
        Schema::table('scheme_areas', function (Blueprint $table): void {
            $table->boolean('quiet')->default(false)->after('turn');
        });
    }

    public function down(): void
    {
        Schema::table('scheme_areas', fn (Blueprint $table) => $table->dropColumn('quiet'));
        DB::statement('ALTER TABLE schemes DROP CONSTRAINT schemes_sketch');
        Schema::table('schemes', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('sketch_paint_id');
            $table->dropColumn(['sketch_cover', 'one_colour']);
        });
    }
};
