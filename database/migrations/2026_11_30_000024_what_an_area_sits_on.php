<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /**
     * An area may sit on or in another one. Until now that was guessed, for detail alone, of every small area with one
     * neighbour; what the guess was right for is kept: a lens in its setting, a marking on its ground. Of others nothing is known.
     */
    public function up(): void
    {
        Schema::table('figure_areas', function (Blueprint $table): void {
            $table->foreignId('sits_on_id')->nullable()->constrained('figure_areas');
        });
        DB::statement("UPDATE figure_areas a
            JOIN (SELECT figure_area_id, MIN(neighbour_id) AS neighbour_id FROM area_neighbours GROUP BY figure_area_id HAVING COUNT(*) = 1) n ON n.figure_area_id = a.id
            JOIN figure_areas host ON host.id = n.neighbour_id AND host.share > a.share
            SET a.sits_on_id = host.id
            WHERE a.surface IN ('lens', 'marking')");
    }

    public function down(): void
    {
        Schema::table('figure_areas', static fn (Blueprint $table) => $table->dropConstrainedForeignId('sits_on_id'));
    }
};
