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
        Schema::create('requirements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('standard_version_id')->constrained();
            $table->foreignId('tier_id')->constrained();
            $table->foreignId('surface_id')->constrained();
            $table->boolean('names_criteria');
            $table->unsignedSmallInteger('position');
            $table->unique(['tier_id', 'surface_id']);
        });
        Schema::create('requirement_uses', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('requirement_id')->constrained();
            $table->string('key', 120);
            $table->boolean('names_key');
            $table->unsignedSmallInteger('position');
            $table->unsignedInteger('coats')->nullable();
            $table->unsignedInteger('steps')->nullable();
            $table->string('extent', 10)->nullable();
            $table->double('cover')->nullable();
            $table->json('places')->nullable();
            $table->double('minutes')->nullable();
            $table->double('fixed')->nullable();
            $table->double('each')->nullable();
            $table->string('feature', 120)->nullable();
            $table->unique(['requirement_id', 'key']);
        });
        DB::statement("ALTER TABLE requirement_uses
            ADD CONSTRAINT uses_coats CHECK (coats >= 1),
            ADD CONSTRAINT uses_steps CHECK (steps >= 1),
            ADD CONSTRAINT uses_extent CHECK (extent IN ('spot', 'focal', 'upper', 'every')),
            ADD CONSTRAINT uses_cover CHECK (cover > 0 AND cover <= 1),
            ADD CONSTRAINT uses_minutes CHECK (minutes >= 0 AND fixed >= 0 AND `each` >= 0),
            ADD CONSTRAINT uses_each CHECK (`each` IS NULL OR feature IS NOT NULL)");
        Schema::create('requirement_use_techniques', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('requirement_use_id')->constrained();
            $table->foreignId('technique_id')->constrained();
            $table->unsignedSmallInteger('position');
            $table->unique(['requirement_use_id', 'technique_id'], 'use_technique_once');
        });
        Schema::create('criteria', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('requirement_id')->constrained();
            $table->string('key', 120);
            $table->text('text');
            $table->string('severity', 10);
            $table->string('feature', 120)->nullable();
            $table->boolean('names_uses');
            $table->unsignedSmallInteger('position');
            $table->unique(['requirement_id', 'key']);
        });
        DB::statement("ALTER TABLE criteria ADD CONSTRAINT criteria_severity CHECK (severity IN ('critical', 'major', 'minor'))");
        Schema::create('criterion_uses', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('criterion_id')->constrained('criteria');
            $table->foreignId('requirement_use_id')->constrained();
            $table->unsignedSmallInteger('position');
            $table->unique(['criterion_id', 'requirement_use_id']);
        });
    }

    public function down(): void
    {
        foreach (['criterion_uses', 'criteria', 'requirement_use_techniques', 'requirement_uses', 'requirements'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
