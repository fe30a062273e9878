<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A job that is closed can be put into the archive. Those that are closed stay where they are. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('ALTER TABLE jobs DROP CONSTRAINT jobs_state');
        DB::statement("ALTER TABLE jobs ADD CONSTRAINT jobs_state CHECK (state IN ('open', 'closed', 'archived'))");
    }

    public function down(): void
    {
        DB::statement("UPDATE jobs SET state = 'closed' WHERE state = 'archived'");
        DB::statement('ALTER TABLE jobs DROP CONSTRAINT jobs_state');
        DB::statement("ALTER TABLE jobs ADD CONSTRAINT jobs_state CHECK (state IN ('open', 'closed'))");
    }
};
