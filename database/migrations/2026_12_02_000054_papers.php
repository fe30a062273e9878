<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What takes seconds is made by a worker of its own and not in the request that asks for it: the queue of such work, and the papers that were asked for with how far they are. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('queued_work', static function (Blueprint $table): void {
            $table->id();
            $table->string('queue', 60)->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::create('papers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->string('kind', 20);
            $table->json('subject');
            $table->string('same', 64);
            $table->string('state', 10)->default('waiting');
            $table->unsignedSmallInteger('drawn')->default(0);
            $table->unsignedSmallInteger('of')->default(0);
            $table->string('file', 120)->nullable();
            $table->string('said', 500)->nullable();
            $table->dateTime('asked_at');
            $table->dateTime('made_at')->nullable();
            $table->index('asked_at');
        });
        // What is asked twice is made once: as long as it is not made, there is one of it.
        DB::statement("ALTER TABLE papers
            ADD COLUMN open_same VARCHAR(64) AS (IF(state IN ('waiting', 'drawing'), same, NULL)) PERSISTENT,
            ADD UNIQUE papers_made_once (studio_id, open_same),
            ADD CONSTRAINT papers_state CHECK (state IN ('waiting', 'drawing', 'made', 'failed')),
            ADD CONSTRAINT papers_kind CHECK (kind IN ('proof', 'comparison')),
            ADD CONSTRAINT papers_made CHECK ((state = 'made') = (file IS NOT NULL) AND (state = 'made') = (made_at IS NOT NULL)),
            ADD CONSTRAINT papers_failed CHECK ((state = 'failed') = (said IS NOT NULL)),
            ADD CONSTRAINT papers_drawn CHECK (drawn <= `of`)");
    }

    public function down(): void
    {
        Schema::dropIfExists('papers');
        Schema::dropIfExists('queued_work');
    }
};
