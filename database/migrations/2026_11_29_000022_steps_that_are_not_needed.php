<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    private const BEFORE = "'done', 'later', 'waived', 'not-on-figure', 'unreachable', 'taken-back'";

    /** What is done only if it is needed may turn out not to be. */
    public function up(): void
    {
        $this->states(self::BEFORE.", 'not-needed'");
    }

    public function down(): void
    {
        $this->states(self::BEFORE);
    }

    private function states(string $states): void
    {
        DB::statement('ALTER TABLE bench_marks DROP CONSTRAINT bench_marks_state');
        DB::statement("ALTER TABLE bench_marks ADD CONSTRAINT bench_marks_state CHECK (state IN ({$states}))");
    }
};
