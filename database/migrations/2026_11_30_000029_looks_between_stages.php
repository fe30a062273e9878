<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A word of who looked at a figure between two stages is no work on it; what does not hold yet is said with why. */
return new class extends Migration
{
    private const BEFORE = "'done', 'later', 'waived', 'not-on-figure', 'unreachable', 'taken-back', 'not-needed'";

    public function up(): void
    {
        Schema::table('bench_marks', static function (Blueprint $table): void {
            $table->boolean('is_look')->default(false)->after('reason');
        });
        $this->states(self::BEFORE.", 'not-yet'");
        DB::statement("ALTER TABLE bench_marks ADD CONSTRAINT bench_marks_not_yet CHECK (state <> 'not-yet' OR is_look)");
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE bench_marks DROP CONSTRAINT bench_marks_not_yet');
        $this->states(self::BEFORE);
        Schema::table('bench_marks', static function (Blueprint $table): void {
            $table->dropColumn('is_look');
        });
    }

    private function states(string $states): void
    {
        DB::statement('ALTER TABLE bench_marks DROP CONSTRAINT bench_marks_state');
        DB::statement("ALTER TABLE bench_marks ADD CONSTRAINT bench_marks_state CHECK (state IN ({$states}))");
    }
};
