<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Where a job holds to other schools than its standard: by question, the choice. A job that says nothing is painted as before. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement("ALTER TABLE jobs ADD COLUMN schools JSON NOT NULL DEFAULT '{}' CHECK (JSON_TYPE(schools) = 'OBJECT')");
    }

    public function down(): void
    {
        DB::statement('ALTER TABLE jobs DROP COLUMN schools');
    }
};
