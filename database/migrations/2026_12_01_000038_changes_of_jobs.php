<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What was changed of a job, by whom, row by row, so that it can be read and taken back. Older changes have no history. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('job_changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('user_id')->constrained();
            // What was done, in sentences with the names of that time.
            $table->json('words');
            // Each row that came, went or is otherwise: table, id, what it was, what it is.
            $table->json('rows');
            // A change is taken back once; the change that does so can be taken back in its turn.
            $table->foreignId('takes_back_id')->nullable()->unique()->constrained('job_changes');
            $table->dateTime('at');
            $table->index(['job_id', 'id']);
        });
        DB::statement('ALTER TABLE job_changes ADD CONSTRAINT job_changes_words CHECK (JSON_LENGTH(words) > 0), ADD CONSTRAINT job_changes_rows CHECK (JSON_LENGTH(`rows`) > 0)');
        $refuse = "SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'The history of a job is only added to.'";
        DB::unprepared("CREATE TRIGGER job_changes_update BEFORE UPDATE ON job_changes FOR EACH ROW {$refuse}");
    }

    public function down(): void
    {
        Schema::dropIfExists('job_changes');
    }
};
