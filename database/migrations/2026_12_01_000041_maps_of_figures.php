<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A figure type laid out as pictures of its sides; where on such a picture a fault is. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('figure_maps', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('figure_type_id')->constrained()->cascadeOnDelete();
            $table->string('side', 10);
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            // What it was outlined on; a file of the studio.
            $table->string('picture', 44)->nullable();
            // Made from the labels when they are stored, since they are drawn a hundred times for each time they change.
            $table->json('outlines');
            $table->timestamps();
            $table->unique(['figure_type_id', 'side']);
        });
        DB::statement("ALTER TABLE figure_maps
            ADD labels MEDIUMBLOB NOT NULL AFTER height,
            ADD CONSTRAINT figure_maps_side CHECK (side IN ('front', 'left', 'back', 'right', 'above', 'below')),
            ADD CONSTRAINT figure_maps_size CHECK (width BETWEEN 8 AND 1024 AND height BETWEEN 8 AND 1024)");
        Schema::create('figure_map_areas', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('figure_map_id')->constrained()->cascadeOnDelete();
            $table->unsignedTinyInteger('label');
            $table->foreignId('figure_area_id')->constrained()->cascadeOnDelete();
            $table->unique(['figure_map_id', 'label']);
            $table->unique(['figure_map_id', 'figure_area_id']);
        });
        DB::statement('ALTER TABLE figure_map_areas ADD CONSTRAINT figure_map_areas_label CHECK (label >= 1)');
        Schema::create('figure_map_pieces', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('figure_map_id')->constrained()->cascadeOnDelete();
            $table->foreignId('figure_area_id')->constrained()->cascadeOnDelete();
            $table->string('feature', 60);
            $table->double('x');
            $table->double('y');
            $table->string('name', 120)->default('');
        });
        DB::statement('ALTER TABLE figure_map_pieces ADD CONSTRAINT figure_map_pieces_place CHECK (x BETWEEN 0 AND 1 AND y BETWEEN 0 AND 1)');
        Schema::table('faults', static function (Blueprint $table): void {
            $table->double('x')->nullable();
            $table->double('y')->nullable();
        });
        DB::statement('ALTER TABLE faults ADD CONSTRAINT faults_place CHECK ((x IS NULL AND y IS NULL) OR (x BETWEEN 0 AND 1 AND y BETWEEN 0 AND 1 AND x IS NOT NULL AND y IS NOT NULL AND side IS NOT NULL))');
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE faults DROP CONSTRAINT faults_place');
        Schema::table('faults', static fn (Blueprint $table) => $table->dropColumn(['x', 'y']));
        foreach (['figure_map_pieces', 'figure_map_areas', 'figure_maps'] as $table) {
            Schema::drop($table);
        }
    }
};
