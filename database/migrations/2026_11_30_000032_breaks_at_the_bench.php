<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A break in the day at the bench. Who wrote down hours before has none. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('bench_hours', function (Blueprint $table): void {
            // Minutes after midnight.
            $table->unsignedSmallInteger('break_at')->nullable()->after('begins');
            $table->unsignedSmallInteger('break_minutes')->nullable()->after('break_at');
        });
        // What is compared with nothing is unknown, and a check lets the unknown pass: so both or neither is asked first.
        DB::statement('ALTER TABLE bench_hours ADD CONSTRAINT bench_hours_break CHECK (
            (break_at IS NULL) = (break_minutes IS NULL)
            AND (break_at IS NULL OR (break_at < 1440 AND break_minutes BETWEEN 1 AND 1439)))');
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE bench_hours DROP CONSTRAINT bench_hours_break');
        Schema::table('bench_hours', function (Blueprint $table): void {
            $table->dropColumn(['break_at', 'break_minutes']);
        });
    }
};
