<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Tier and verdict of a record beside it, read from it by the database: a list need not open every record. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement("ALTER TABLE sign_offs
            ADD tier_name VARCHAR(200) AS (LEFT(JSON_VALUE(record, '$.tier.name'), 200)) PERSISTENT,
            ADD verdict VARCHAR(20) AS (LEFT(JSON_VALUE(record, '$.verdict.is'), 20)) PERSISTENT");
        Schema::table('sign_offs', static fn (Blueprint $table) => $table->index(['studio_id', 'signed_at']));
    }

    public function down(): void
    {
        Schema::table('sign_offs', static function (Blueprint $table): void {
            $table->dropIndex(['studio_id', 'signed_at']);
            $table->dropColumn(['tier_name', 'verdict']);
        });
    }
};
