<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Figures of a unit are counted by their state on each visit to Today and Jobs: on an index alone, not row by row. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('figures', static fn (Blueprint $table) => $table->index(['unit_id', 'state'], 'figures_unit_state'));
    }

    public function down(): void
    {
        Schema::table('figures', static fn (Blueprint $table) => $table->dropIndex('figures_unit_state'));
    }
};
