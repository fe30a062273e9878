<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A unit may have figures of several types: a figure is of its own, else of that of its unit. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('figures', function (Blueprint $table): void {
            $table->foreignId('figure_type_id')->nullable()->after('leader')->constrained();
        });
    }

    public function down(): void
    {
        Schema::table('figures', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('figure_type_id');
        });
    }
};
