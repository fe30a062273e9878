<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a studio said of the columns in its clients' rosters, so that it is not asked again. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('roster_columns', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->string('heading', 190);
            // Empty: left out.
            $table->string('column', 20);
            $table->timestamps();
            $table->unique(['studio_id', 'heading']);
        });
        DB::statement("ALTER TABLE roster_columns ADD CONSTRAINT roster_columns_column CHECK (`column` IN ('', 'unit', 'figure_type', 'count', 'tier', 'leader_count', 'leader_tier', 'note'))");
    }

    public function down(): void
    {
        Schema::dropIfExists('roster_columns');
    }
};
