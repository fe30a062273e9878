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
        Schema::create('standards', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->string('name', 190);
            $table->timestamps();
            $table->unique(['studio_id', 'name']);
        });
        Schema::create('standard_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('standard_id')->constrained();
            $table->string('label', 60);
            $table->string('state', 10)->default('draft');
            // Left out in the document: the reference figure is made from what each tier asks for.
            $table->double('reference_size')->nullable();
            $table->timestamp('in_force_at')->nullable();
            $table->foreignId('in_force_by')->nullable()->constrained('users');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->unique(['standard_id', 'label']);
        });
        DB::statement("ALTER TABLE standard_versions ADD CONSTRAINT standard_versions_state CHECK (state IN ('draft', 'in-force', 'retired'))");
        // One version of a standard is in force.
        DB::statement("ALTER TABLE standard_versions ADD in_force_of BIGINT UNSIGNED AS (IF(state = 'in-force', standard_id, NULL)) PERSISTENT, ADD UNIQUE one_in_force (in_force_of)");
        Schema::create('surfaces', function (Blueprint $table): void {
            self::named($table);
            $table->boolean('needs_lay_in')->nullable();
        });
        Schema::create('techniques', function (Blueprint $table): void {
            self::named($table);
            $table->string('group', 10);
            $table->string('opacity', 12);
            $table->string('lies_on', 10)->nullable();
            $table->double('dry')->nullable();
            $table->boolean('messy')->nullable();
            $table->boolean('names_replaced');
        });
        DB::statement("ALTER TABLE techniques
            ADD CONSTRAINT techniques_group CHECK (`group` IN ('prepare', 'ground', 'lay-in', 'shade', 'light', 'detail', 'marking', 'wear', 'base', 'finish', 'tidy')),
            ADD CONSTRAINT techniques_opacity CHECK (opacity IN ('opaque', 'semi', 'transparent')),
            ADD CONSTRAINT techniques_lies_on CHECK (lies_on IN ('all', 'recess', 'face', 'edge', 'point')),
            ADD CONSTRAINT techniques_dry CHECK (dry >= 0)");
        Schema::create('technique_replacements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('technique_id')->constrained();
            $table->foreignId('replaces_id')->constrained('techniques');
            $table->unsignedSmallInteger('position');
            $table->unique(['technique_id', 'replaces_id']);
        });
        Schema::create('tiers', function (Blueprint $table): void {
            self::named($table);
            $table->unsignedSmallInteger('rank');
            $table->double('distance_mm');
            $table->json('sides');
            $table->double('look_minutes');
            $table->unsignedInteger('limit_critical');
            $table->unsignedInteger('limit_major');
            $table->unsignedInteger('limit_minor');
            $table->double('colour_tolerance');
            $table->double('notice_arcmin')->nullable();
            $table->double('budget_minutes');
            $table->boolean('by_agreement');
            $table->boolean('retired');
            $table->unique(['standard_version_id', 'rank']);
        });
        DB::statement('ALTER TABLE tiers
            ADD CONSTRAINT tiers_distance CHECK (distance_mm > 0),
            ADD CONSTRAINT tiers_look CHECK (look_minutes > 0),
            ADD CONSTRAINT tiers_tolerance CHECK (colour_tolerance >= 0),
            ADD CONSTRAINT tiers_notice CHECK (notice_arcmin >= 1),
            ADD CONSTRAINT tiers_budget CHECK (budget_minutes >= 0)');
        Schema::create('reference_areas', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('standard_version_id')->constrained();
            $table->foreignId('surface_id')->constrained();
            $table->string('key', 120);
            $table->double('share');
            $table->json('features')->nullable();
            $table->unsignedSmallInteger('position');
            $table->unique(['standard_version_id', 'key']);
        });
    }

    public function down(): void
    {
        foreach (['reference_areas', 'tiers', 'technique_replacements', 'techniques', 'surfaces', 'standard_versions', 'standards'] as $table) {
            Schema::dropIfExists($table);
        }
    }

    private static function named(Blueprint $table): void
    {
        $table->id();
        $table->foreignId('studio_id')->constrained();
        $table->foreignId('standard_version_id')->constrained();
        $table->string('key', 120);
        $table->string('name', 190);
        $table->unsignedSmallInteger('position');
        $table->unique(['standard_version_id', 'key']);
    }
};
