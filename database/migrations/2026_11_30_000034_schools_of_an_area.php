<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** One area of a unit, or of a figure of it, may hold to another school than its surface in what decides the order. */
    public function up(): void
    {
        Schema::create('area_schools', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('unit_id')->constrained();
            $table->foreignId('figure_id')->nullable()->constrained();
            $table->foreignId('figure_area_id')->constrained();
            $table->string('question', 20);
            $table->string('choice', 20);
            $table->timestamps();
        });
        DB::statement('ALTER TABLE area_schools ADD figure_or_all BIGINT UNSIGNED AS (COALESCE(figure_id, 0)) PERSISTENT, ADD UNIQUE area_schools_once (unit_id, figure_or_all, figure_area_id, question)');
        DB::statement("ALTER TABLE area_schools ADD CONSTRAINT area_schools_choice CHECK ((question = 'metals' AND choice IN ('first', 'last')) OR (question = 'ground-cover' AND choice IN ('early', 'apart', 'last')))");
    }

    public function down(): void
    {
        Schema::dropIfExists('area_schools');
    }
};
