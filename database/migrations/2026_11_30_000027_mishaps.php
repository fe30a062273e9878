<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What went wrong at the bench: on which figure and area, of which kind, and how it ended. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('mishaps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('figure_id')->constrained();
            $table->string('area', 120);
            $table->string('kind', 20);
            // The layer at fault: an id, '' for foreign paint on top, 'down/' for down to the ground.
            $table->string('layer', 250);
            $table->double('share');
            $table->string('note', 500)->default('');
            $table->char('request_key', 36)->nullable();
            $table->foreignId('user_id')->constrained();
            $table->string('ended', 12)->nullable();
            $table->foreignId('ended_by')->nullable()->constrained('users');
            $table->timestamp('ended_at')->nullable();
            $table->timestamps();
            $table->unique(['figure_id', 'request_key'], 'mishaps_sent_once');
            $table->index(['figure_id', 'ended'], 'mishaps_open');
        });
        DB::statement("ALTER TABLE mishaps
            ADD CONSTRAINT mishaps_share CHECK (share > 0 AND share <= 1),
            ADD CONSTRAINT mishaps_ended CHECK (ended IN ('mended', 'lifted', 'taken-back')),
            ADD CONSTRAINT mishaps_ended_by CHECK ((ended IS NULL) = (ended_by IS NULL) AND (ended IS NULL) = (ended_at IS NULL))");
    }

    public function down(): void
    {
        Schema::dropIfExists('mishaps');
    }
};
