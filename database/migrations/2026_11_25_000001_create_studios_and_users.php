<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('studios', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 120)->unique();
            $table->string('time_zone', 60)->default('Europe/London');
            $table->char('currency', 3)->default('EUR');
            $table->boolean('allows_self_check')->default(false);
            $table->boolean('single_keys')->default(true);
            $table->timestamps();
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->string('name', 120);
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->string('role', 10);
            // The highest rank of a tier that a deputy may sign; the lead may sign all.
            $table->unsignedSmallInteger('signing_rank')->nullable();
            $table->rememberToken();
            $table->timestamps();
            $table->unique(['studio_id', 'name']);
        });
        DB::statement("ALTER TABLE users ADD CONSTRAINT users_role CHECK (role IN ('lead', 'deputy', 'painter'))");
        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('sessions');
        Schema::dropIfExists('users');
        Schema::dropIfExists('studios');
    }
};
