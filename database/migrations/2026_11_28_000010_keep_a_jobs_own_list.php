<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a tier by agreement asks is said job by job. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('job_requirements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->string('tier', 120);
            $table->string('surface', 120);
            // Uses, criteria, menu and note as in a document of the standard.
            $table->json('value');
            $table->timestamps();
            $table->unique(['job_id', 'tier', 'surface']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('job_requirements');
    }
};
