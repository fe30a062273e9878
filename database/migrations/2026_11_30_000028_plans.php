<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** When people sit at the bench, what a job was promised for, why one is set aside, and links to calendars. Nobody has hours until they are written down. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('bench_hours', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('user_id')->unique()->constrained();
            // Minutes after midnight.
            $table->unsignedSmallInteger('begins')->default(540);
            // Minutes by day of the week, Monday first.
            $table->json('minutes');
            // List of first and last day, with why.
            $table->json('away');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
        DB::statement('ALTER TABLE bench_hours
            ADD CONSTRAINT bench_hours_begins CHECK (begins < 1440),
            ADD CONSTRAINT bench_hours_minutes CHECK (JSON_TYPE(minutes) = \'ARRAY\' AND JSON_LENGTH(minutes) = 7),
            ADD CONSTRAINT bench_hours_away CHECK (JSON_TYPE(away) = \'ARRAY\')');
        Schema::create('calendar_links', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('user_id')->unique()->constrained();
            // The link itself is shown once and kept nowhere.
            $table->char('token_hash', 64)->unique();
            $table->timestamps();
        });
        Schema::table('jobs', function (Blueprint $table): void {
            $table->date('promised_on')->nullable();
            $table->foreignId('promised_by')->nullable()->constrained('users');
            $table->timestamp('promised_at')->nullable();
            $table->string('aside_because', 500)->nullable();
            $table->foreignId('aside_by')->nullable()->constrained('users');
            $table->timestamp('aside_at')->nullable();
        });
        DB::statement('ALTER TABLE jobs
            ADD CONSTRAINT jobs_promised CHECK ((promised_on IS NULL) = (promised_by IS NULL) AND (promised_on IS NULL) = (promised_at IS NULL)),
            ADD CONSTRAINT jobs_aside CHECK ((aside_because IS NULL) = (aside_by IS NULL) AND (aside_because IS NULL) = (aside_at IS NULL)),
            ADD CONSTRAINT jobs_aside_because CHECK (aside_because <> \'\')');
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE jobs DROP CONSTRAINT jobs_promised, DROP CONSTRAINT jobs_aside, DROP CONSTRAINT jobs_aside_because');
        Schema::table('jobs', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('promised_by');
            $table->dropConstrainedForeignId('aside_by');
            $table->dropColumn(['promised_on', 'promised_at', 'aside_because', 'aside_at']);
        });
        Schema::dropIfExists('calendar_links');
        Schema::dropIfExists('bench_hours');
    }
};
