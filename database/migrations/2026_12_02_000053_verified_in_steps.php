<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A chain of ten thousand records is read in steps, and what was verified once is not read again on each visit: where a reading is, and with which record it ended. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('chain_verifications', static function (Blueprint $table): void {
            $table->unsignedInteger('after')->default(0);
            $table->unsignedInteger('through')->default(0);
            $table->char('head', 64)->default('');
            $table->boolean('finished')->default(false);
        });
        // What was found before was found from the first record to the last; with which it ended, nobody wrote down.
        DB::statement('UPDATE chain_verifications SET through = records, finished = 1');
        DB::statement('ALTER TABLE chain_verifications ADD CONSTRAINT chain_verifications_goes_on CHECK (through >= after)');
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE chain_verifications DROP CONSTRAINT chain_verifications_goes_on');
        Schema::table('chain_verifications', static fn (Blueprint $table) => $table->dropColumn(['after', 'through', 'head', 'finished']));
    }
};
