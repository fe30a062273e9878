<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Accounts that change and end, invitations, a second factor, and a log of what matters. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->unsignedInteger('version')->default(1);
            // Ended: signs in no more; marks and signatures stay.
            $table->timestamp('ended_at')->nullable();
            $table->text('second_factor')->nullable();
            $table->timestamp('second_factor_at')->nullable();
            // The time step of the last code that was taken, so that none is taken twice.
            $table->unsignedBigInteger('second_factor_step')->default(0);
            $table->json('recovery_codes')->nullable();
        });
        Schema::table('studios', function (Blueprint $table): void {
            $table->boolean('requires_second_factor')->default(false);
        });
        Schema::create('invitations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->char('token_hash', 64)->unique();
            $table->string('name', 120);
            $table->string('email', 190);
            $table->string('role', 10);
            $table->unsignedSmallInteger('signing_rank')->nullable();
            $table->foreignId('invited_by')->constrained('users');
            $table->timestamp('expires_at');
            $table->timestamp('used_at')->nullable();
            $table->timestamp('withdrawn_at')->nullable();
            $table->timestamps();
        });
        DB::statement("ALTER TABLE invitations ADD CONSTRAINT invitations_role CHECK (role IN ('lead', 'deputy', 'painter'))");
        Schema::create('log_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('user_id')->nullable()->constrained();
            $table->string('kind', 40);
            $table->string('about', 500)->default('');
            $table->timestamp('at')->index();
        });
        $refuse = "SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'The log is only ever added to.'";
        DB::unprepared("CREATE TRIGGER log_entries_update BEFORE UPDATE ON log_entries FOR EACH ROW {$refuse}");
        DB::unprepared("CREATE TRIGGER log_entries_delete BEFORE DELETE ON log_entries FOR EACH ROW {$refuse}");
    }

    public function down(): void
    {
        Schema::dropIfExists('log_entries');
        Schema::dropIfExists('invitations');
        Schema::table('studios', function (Blueprint $table): void {
            $table->dropColumn('requires_second_factor');
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn(['version', 'ended_at', 'second_factor', 'second_factor_at', 'second_factor_step', 'recovery_codes']);
        });
    }
};
