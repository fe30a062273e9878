<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('scheme_areas', function (Blueprint $table): void {
            // Empty: as the figure type has it; else what this area is in this scheme, such as bare metal for painted plate.
            $table->string('surface', 120)->default('');
        });
        Schema::table('figures', function (Blueprint $table): void {
            // Null: as its unit.
            $table->foreignId('scheme_id')->nullable()->constrained();
        });
    }

    public function down(): void
    {
        Schema::table('figures', static fn (Blueprint $table) => $table->dropConstrainedForeignId('scheme_id'));
        Schema::table('scheme_areas', static fn (Blueprint $table) => $table->dropColumn('surface'));
    }
};
