<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a client was offered, as it was offered: each quote of a job has its number, its link, and at most one answer. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('quotes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->unsignedSmallInteger('number');
            $table->json('content');
            // The smallest unit of the currency that stands in the content.
            $table->unsignedBigInteger('total');
            $table->date('valid_until');
            // The link itself is shown once and kept nowhere.
            $table->char('token_hash', 64)->unique();
            $table->foreignId('made_by')->constrained('users');
            $table->timestamp('made_at');
            $table->timestamp('withdrawn_at')->nullable();
            $table->string('agreed_by', 190)->nullable();
            $table->timestamp('agreed_at')->nullable();
            $table->unique(['job_id', 'number']);
        });
        DB::statement("ALTER TABLE quotes
            ADD CONSTRAINT quotes_content CHECK (JSON_VALID(content)),
            ADD CONSTRAINT quotes_agreed CHECK ((agreed_by IS NULL) = (agreed_at IS NULL)),
            ADD CONSTRAINT quotes_agreed_by CHECK (agreed_by IS NULL OR TRIM(agreed_by) <> ''),
            ADD CONSTRAINT quotes_one_answer CHECK (agreed_at IS NULL OR withdrawn_at IS NULL)");
        // What was offered is not changed afterwards; what was agreed not at all.
        DB::unprepared("CREATE OR REPLACE TRIGGER quotes_offered_update BEFORE UPDATE ON quotes FOR EACH ROW
            IF OLD.agreed_at IS NOT NULL OR NOT (OLD.studio_id <=> NEW.studio_id AND OLD.job_id <=> NEW.job_id AND OLD.number <=> NEW.number AND OLD.content <=> NEW.content
                AND OLD.total <=> NEW.total AND OLD.valid_until <=> NEW.valid_until AND OLD.made_by <=> NEW.made_by AND OLD.made_at <=> NEW.made_at)
            THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'What was offered stays as it was offered.'; END IF");
        DB::unprepared("CREATE OR REPLACE TRIGGER quotes_offered_delete BEFORE DELETE ON quotes FOR EACH ROW
            SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'What was offered stays as it was offered.'");
    }

    public function down(): void
    {
        Schema::dropIfExists('quotes');
    }
};
