<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Who looked on while somebody did what they were not cleared for. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('bench_marks', function (Blueprint $table): void {
            $table->foreignId('supervisor_id')->nullable()->after('user_id')->constrained('users');
        });
        DB::statement("ALTER TABLE bench_marks ADD CONSTRAINT bench_marks_supervisor CHECK (supervisor_id IS NULL OR (supervisor_id <> user_id AND state = 'done'))");
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE bench_marks DROP CONSTRAINT bench_marks_supervisor');
        Schema::table('bench_marks', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('supervisor_id');
        });
    }
};
