<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('paints', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->string('name', 120);
            $table->string('kind', 20);
            $table->char('hex', 7);
            $table->string('opacity', 12);
            $table->string('finish', 20);
            $table->double('ml');
            $table->double('stock_ml');
            $table->timestamps();
            $table->unique(['studio_id', 'name']);
        });
        DB::statement("ALTER TABLE paints ADD CONSTRAINT paints_hex CHECK (hex REGEXP '^#[0-9a-f]{6}$'), ADD CONSTRAINT paints_ml CHECK (ml > 0 AND stock_ml >= 0)");
        Schema::create('job_mixes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('job_id')->constrained();
            // Null: for any type of the job.
            $table->foreignId('figure_type_id')->nullable()->constrained();
            $table->string('area', 120);
            $table->string('use', 120);
            $table->unsignedSmallInteger('step');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
        DB::statement('ALTER TABLE job_mixes ADD type_or_any BIGINT UNSIGNED AS (COALESCE(figure_type_id, 0)) PERSISTENT, ADD UNIQUE job_mixes_once (job_id, type_or_any, area, `use`, step), ADD CONSTRAINT job_mixes_step CHECK (step >= 1)');
        Schema::create('job_mix_parts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('job_mix_id')->constrained();
            $table->foreignId('paint_id')->constrained();
            $table->double('parts');
            $table->unsignedSmallInteger('position');
        });
        DB::statement('ALTER TABLE job_mix_parts ADD CONSTRAINT job_mix_parts_over_0 CHECK (parts > 0)');
        Schema::create('bench_marks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('figure_id')->constrained();
            $table->string('area', 120);
            $table->string('use', 120);
            // The degree: a mark stands only while the same is asked.
            $table->string('technique', 120);
            $table->unsignedInteger('coats');
            $table->unsignedInteger('steps');
            $table->string('extent', 10);
            $table->string('state', 20);
            $table->string('reason', 500)->default('');
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
            $table->unique(['figure_id', 'area', 'use', 'technique', 'coats', 'steps', 'extent'], 'bench_marks_once');
        });
        DB::statement("ALTER TABLE bench_marks
            ADD CONSTRAINT bench_marks_state CHECK (state IN ('done', 'later', 'waived', 'not-on-figure', 'unreachable')),
            ADD CONSTRAINT bench_marks_reason CHECK (state = 'done' OR TRIM(reason) <> '')");
    }

    public function down(): void
    {
        foreach (['bench_marks', 'job_mix_parts', 'job_mixes', 'paints'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
