<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A clock that somebody has running at the bench, and what it said of each step. Of what was painted before nobody knows. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('bench_clocks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            // One a person: nobody paints two units at once.
            $table->foreignId('user_id')->unique()->constrained();
            $table->foreignId('unit_id')->constrained();
            $table->timestamp('read_at');
        });
        Schema::create('worked_times', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->foreignId('unit_id')->constrained();
            $table->string('area', 250);
            $table->string('use', 120);
            $table->string('technique', 120);
            // Ids of the figures it was done on.
            $table->json('figures');
            // Nobody knows where the clock ran on with nobody there.
            $table->decimal('minutes', 7, 2)->nullable();
            $table->decimal('allowed', 9, 2);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->index(['unit_id', 'id']);
        });
        DB::statement('ALTER TABLE worked_times
            ADD CONSTRAINT worked_times_minutes CHECK (minutes IS NULL OR minutes BETWEEN 0 AND 1440),
            ADD CONSTRAINT worked_times_allowed CHECK (allowed >= 0),
            ADD CONSTRAINT worked_times_figures CHECK (JSON_TYPE(figures) = \'ARRAY\' AND JSON_LENGTH(figures) > 0)');
    }

    public function down(): void
    {
        Schema::dropIfExists('worked_times');
        Schema::dropIfExists('bench_clocks');
    }
};
