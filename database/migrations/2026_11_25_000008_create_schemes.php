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
        Schema::table('paints', function (Blueprint $table): void {
            $table->unsignedTinyInteger('coats_dark')->default(2);
            $table->unsignedTinyInteger('coats_middle')->default(2);
            $table->unsignedTinyInteger('coats_light')->default(1);
            // Share that one coat hides; null: as is usual for its kind.
            $table->double('hiding')->nullable();
            $table->unsignedInteger('version')->default(1);
        });
        DB::statement("ALTER TABLE paints
            ADD CONSTRAINT paints_kind CHECK (kind IN ('primer', 'base', 'layer', 'metal', 'wash', 'stain', 'medium', 'pigment', 'texture', 'varnish')),
            ADD CONSTRAINT paints_opacity CHECK (opacity IN ('opaque', 'semi', 'transparent')),
            ADD CONSTRAINT paints_coats CHECK (coats_dark BETWEEN 1 AND 9 AND coats_middle BETWEEN 1 AND 9 AND coats_light BETWEEN 1 AND 9),
            ADD CONSTRAINT paints_hiding CHECK (hiding IS NULL OR (hiding > 0 AND hiding <= 1))");
        Schema::create('schemes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('force_id')->constrained();
            // Null: the common scheme of the force; the others differ from it only where they say so.
            $table->foreignId('common_id')->nullable()->constrained('schemes');
            $table->string('name', 120);
            $table->foreignId('ground_paint_id')->nullable()->constrained('paints');
            $table->foreignId('light_paint_id')->nullable()->constrained('paints');
            $table->double('light_own')->default(1);
            $table->double('light_parts')->default(1);
            $table->unsignedTinyInteger('light_reach')->default(1);
            $table->string('last_light', 10)->default('series');
            $table->string('light_from', 120)->default('');
            $table->json('focal')->nullable();
            $table->string('accents', 500)->default('');
            $table->string('note', 2000)->default('');
            // Name of the file of the picture that governs; null: none.
            $table->string('picture', 80)->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->unique(['force_id', 'name']);
        });
        DB::statement("ALTER TABLE schemes
            ADD CONSTRAINT schemes_last_light CHECK (last_light IN ('shared', 'series', 'base')),
            ADD CONSTRAINT schemes_shared CHECK (last_light <> 'shared' OR light_paint_id IS NOT NULL),
            ADD CONSTRAINT schemes_light CHECK (light_own > 0 AND light_parts > 0 AND light_reach >= 1),
            ADD one_common BIGINT UNSIGNED AS (IF(common_id IS NULL, force_id, NULL)) PERSISTENT,
            ADD UNIQUE schemes_one_common (one_common)");
        Schema::create('scheme_areas', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('scheme_id')->constrained();
            $table->string('area', 120);
            // Empty: for any figure type; else the key of the type that differs here.
            $table->string('figure_type', 120)->default('');
            $table->boolean('takes_shared_light')->default(true);
            $table->string('turn', 10)->default('none');
            $table->string('note', 500)->default('');
            $table->unsignedSmallInteger('position')->default(0);
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->unique(['scheme_id', 'area', 'figure_type']);
        });
        DB::statement("ALTER TABLE scheme_areas ADD CONSTRAINT scheme_areas_turn CHECK (turn IN ('none', 'warm', 'cold')), ADD CONSTRAINT scheme_areas_name CHECK (TRIM(area) <> '')");
        Schema::create('scheme_steps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('scheme_area_id')->constrained();
            $table->string('role', 10);
            // Of role `use` only: what this one use is painted with, whatever the ladder has.
            $table->string('use', 120)->default('');
            $table->unsignedSmallInteger('use_step')->default(1);
            $table->double('cover')->default(1);
            $table->unsignedTinyInteger('coats')->default(1);
            $table->double('water')->default(0);
            $table->unsignedSmallInteger('position');
            $table->unique(['scheme_area_id', 'position']);
        });
        DB::statement("ALTER TABLE scheme_steps
            ADD CONSTRAINT scheme_steps_role CHECK (role IN ('ground', 'base', 'shade', 'relight', 'light', 'use')),
            ADD CONSTRAINT scheme_steps_use CHECK ((role = 'use') = (`use` <> '') AND use_step >= 1),
            ADD CONSTRAINT scheme_steps_cover CHECK (cover > 0 AND cover <= 1 AND coats BETWEEN 1 AND 9 AND water >= 0)");
        Schema::create('scheme_step_parts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('scheme_step_id')->constrained();
            $table->foreignId('paint_id')->constrained();
            $table->double('parts');
            $table->unsignedSmallInteger('position');
            $table->unique(['scheme_step_id', 'paint_id']);
        });
        DB::statement('ALTER TABLE scheme_step_parts ADD CONSTRAINT scheme_step_parts_over_0 CHECK (parts > 0)');
        Schema::create('scheme_notes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('scheme_id')->constrained();
            $table->foreignId('user_id')->constrained();
            // A departure from the picture, a recipe kept from the bench, a paint that stands in for another.
            $table->string('kind', 12);
            $table->string('area', 120)->default('');
            $table->string('text', 500);
            $table->timestamps();
        });
        DB::statement("ALTER TABLE scheme_notes ADD CONSTRAINT scheme_notes_kind CHECK (kind IN ('departure', 'kept', 'substitute')), ADD CONSTRAINT scheme_notes_text CHECK (TRIM(text) <> '')");
        Schema::table('studios', function (Blueprint $table): void {
            // Numbers that schemes are held to, where they differ from what is usual.
            $table->json('scheme_rules')->nullable();
        });
        Schema::table('units', function (Blueprint $table): void {
            // Null: the common scheme of the job's force.
            $table->foreignId('scheme_id')->nullable()->constrained();
        });
        Schema::table('job_mixes', function (Blueprint $table): void {
            // Water in parts, as a recipe may have it.
            $table->double('water')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('job_mixes', static fn (Blueprint $table) => $table->dropColumn('water'));
        Schema::table('studios', static fn (Blueprint $table) => $table->dropColumn('scheme_rules'));
        Schema::table('units', static fn (Blueprint $table) => $table->dropConstrainedForeignId('scheme_id'));
        foreach (['scheme_notes', 'scheme_step_parts', 'scheme_steps', 'scheme_areas', 'schemes'] as $table) {
            Schema::dropIfExists($table);
        }
        DB::statement('ALTER TABLE paints DROP CONSTRAINT paints_kind, DROP CONSTRAINT paints_opacity, DROP CONSTRAINT paints_coats, DROP CONSTRAINT paints_hiding');
        Schema::table('paints', static fn (Blueprint $table) => $table->dropColumn(['coats_dark', 'coats_middle', 'coats_light', 'hiding', 'version']));
    }
};
