<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What is found about a scheme and meant so, with who says it and why. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('scheme_acceptances', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('scheme_id')->constrained();
            // Empty: for any figure type.
            $table->string('figure_type', 120)->default('');
            $table->string('code', 40);
            $table->string('area', 120)->default('');
            // What tells two findings of one area apart: the neighbour, the mix, the use.
            $table->string('place', 200)->default('');
            $table->string('reason', 500);
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
            $table->unique(['scheme_id', 'figure_type', 'code', 'area', 'place'], 'scheme_acceptances_once');
        });
        DB::statement("ALTER TABLE scheme_acceptances ADD CONSTRAINT scheme_acceptances_reason CHECK (TRIM(reason) <> '')");
    }

    public function down(): void
    {
        Schema::dropIfExists('scheme_acceptances');
    }
};
