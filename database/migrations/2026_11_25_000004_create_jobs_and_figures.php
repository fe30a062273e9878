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
        Schema::create('forces', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->string('name', 190);
            $table->timestamps();
            $table->unique(['studio_id', 'name']);
        });
        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('force_id')->constrained();
            $table->foreignId('standard_version_id')->constrained();
            $table->string('name', 190);
            $table->string('client', 190);
            $table->date('due')->nullable();
            $table->string('state', 10)->default('open');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->unique(['studio_id', 'name']);
        });
        DB::statement("ALTER TABLE jobs ADD CONSTRAINT jobs_state CHECK (state IN ('open', 'closed'))");
        Schema::create('figure_types', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            // A job keeps a copy of its types; those of the studio belong to no job.
            $table->foreignId('job_id')->nullable()->constrained();
            $table->string('key', 120);
            $table->string('name', 190);
            $table->string('size_class', 20);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
        DB::statement("ALTER TABLE figure_types
            ADD CONSTRAINT figure_types_size CHECK (size_class IN ('small', 'foot', 'large-foot', 'mounted', 'monster', 'centrepiece')),
            ADD owner BIGINT UNSIGNED AS (COALESCE(job_id, 0)) PERSISTENT,
            ADD UNIQUE figure_types_key (studio_id, owner, `key`)");
        Schema::create('figure_parts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('figure_type_id')->constrained();
            $table->string('key', 120);
            $table->unsignedSmallInteger('position');
            $table->unique(['figure_type_id', 'key']);
        });
        Schema::create('figure_areas', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('figure_type_id')->constrained();
            $table->foreignId('figure_part_id')->nullable()->constrained();
            $table->string('key', 120);
            $table->string('surface', 120);
            $table->double('share');
            $table->unsignedSmallInteger('depth');
            $table->boolean('focal');
            $table->json('sides');
            $table->unsignedSmallInteger('position');
            $table->unique(['figure_type_id', 'key']);
        });
        DB::statement('ALTER TABLE figure_areas ADD CONSTRAINT figure_areas_share CHECK (share > 0 AND share <= 1)');
        Schema::create('area_features', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('figure_area_id')->constrained();
            $table->string('feature', 120);
            $table->unsignedInteger('pieces');
            $table->unique(['figure_area_id', 'feature']);
        });
        Schema::create('area_neighbours', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('figure_area_id')->constrained();
            $table->foreignId('neighbour_id')->constrained('figure_areas');
            $table->unique(['figure_area_id', 'neighbour_id']);
        });
        Schema::create('units', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('figure_type_id')->constrained();
            $table->foreignId('tier_id')->constrained();
            $table->foreignId('painter_id')->nullable()->constrained('users');
            $table->string('name', 190);
            $table->string('note', 500)->default('');
            $table->unsignedSmallInteger('position');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->unique(['job_id', 'name']);
        });
        Schema::create('figures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('unit_id')->constrained();
            $table->unsignedSmallInteger('number');
            $table->boolean('leader')->default(false);
            $table->foreignId('tier_id')->nullable()->constrained();
            $table->foreignId('painter_id')->nullable()->constrained('users');
            $table->string('state', 10)->default('to-paint');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->unique(['unit_id', 'number']);
        });
        DB::statement("ALTER TABLE figures ADD CONSTRAINT figures_state CHECK (state IN ('to-paint', 'painting', 'to-check', 'refused', 'mended', 'signed'))");
        Schema::create('area_tiers', function (Blueprint $table): void {
            self::agreed($table);
            $table->foreignId('tier_id')->constrained();
            $table->timestamps();
        });
        self::once('area_tiers', '');
        Schema::create('variations', function (Blueprint $table): void {
            self::agreed($table);
            $table->string('kind', 10)->default('waiver');
            $table->string('use', 120);
            $table->string('reason', 500);
            $table->string('agreed_with', 190)->default('');
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
        DB::statement("ALTER TABLE variations ADD CONSTRAINT variations_kind CHECK (kind IN ('waiver', 'addition')), ADD CONSTRAINT variations_reason CHECK (TRIM(reason) <> '')");
        self::once('variations', ', kind, `use`');
        Schema::create('choices', function (Blueprint $table): void {
            self::agreed($table);
            $table->string('use', 120);
            $table->string('technique', 120);
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
        self::once('choices', ', `use`');
    }

    public function down(): void
    {
        foreach (['choices', 'variations', 'area_tiers', 'figures', 'units', 'area_neighbours', 'area_features', 'figure_areas', 'figure_parts', 'figure_types', 'jobs', 'forces'] as $table) {
            Schema::dropIfExists($table);
        }
    }

    /** Agreed for a whole unit, or for one figure of it; always for one area. */
    private static function agreed(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('studio_id')->constrained();
        $table->foreignId('unit_id')->constrained();
        $table->foreignId('figure_id')->nullable()->constrained();
        $table->foreignId('figure_area_id')->constrained();
    }

    private static function once(string $table, string $further): void
    {
        DB::statement("ALTER TABLE {$table} ADD figure_or_all BIGINT UNSIGNED AS (COALESCE(figure_id, 0)) PERSISTENT, ADD UNIQUE {$table}_once (unit_id, figure_or_all, figure_area_id{$further})");
    }
};
