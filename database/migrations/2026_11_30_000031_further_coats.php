<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Coats that a figure took at the bench beyond what is asked for. What was painted before has none. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('further_coats', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('figure_id')->constrained();
            $table->string('area', 120);
            $table->string('use', 120);
            $table->unsignedTinyInteger('coats');
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
            $table->unique(['figure_id', 'area', 'use']);
        });
        DB::statement('ALTER TABLE further_coats ADD CONSTRAINT further_coats_count CHECK (coats BETWEEN 1 AND 5)');
    }

    public function down(): void
    {
        Schema::dropIfExists('further_coats');
    }
};
