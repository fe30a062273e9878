<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Figures of a job grouped otherwise than by units: for another game, another display. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('groupings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->string('name', 120);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->unique(['job_id', 'name']);
        });
        DB::statement("ALTER TABLE groupings ADD CONSTRAINT groupings_named CHECK (name <> '')");
        Schema::create('grouped_figures', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('grouping_id')->constrained()->cascadeOnDelete();
            $table->foreignId('figure_id')->constrained()->cascadeOnDelete();
            $table->string('group_name', 120);
            $table->timestamps();
            $table->unique(['grouping_id', 'figure_id']);
        });
        DB::statement("ALTER TABLE grouped_figures ADD CONSTRAINT grouped_figures_named CHECK (group_name <> '')");
    }

    public function down(): void
    {
        Schema::drop('grouped_figures');
        Schema::drop('groupings');
    }
};
