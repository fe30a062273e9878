<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What a client's figures are for, what they leave to the studio, and of which areas nobody is sure what they are. Of the jobs and
 * types there are, nobody was asked.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', static function (Blueprint $table): void {
            $table->string('purpose', 16)->nullable()->after('notes');
            $table->json('left_to_studio')->default('[]')->after('schools');
        });
        DB::statement("ALTER TABLE jobs ADD CONSTRAINT jobs_purpose CHECK (purpose IN ('played', 'displayed'))");
        DB::statement("ALTER TABLE jobs ADD CONSTRAINT jobs_left_to_studio CHECK (JSON_TYPE(left_to_studio) = 'ARRAY')");
        Schema::table('figure_areas', static fn (Blueprint $table) => $table->boolean('unsure')->default(false)->after('surface'));
    }

    public function down(): void
    {
        Schema::table('figure_areas', static fn (Blueprint $table) => $table->dropColumn('unsure'));
        DB::statement('ALTER TABLE jobs DROP CONSTRAINT jobs_left_to_studio');
        DB::statement('ALTER TABLE jobs DROP CONSTRAINT jobs_purpose');
        Schema::table('jobs', static fn (Blueprint $table) => $table->dropColumn(['purpose', 'left_to_studio']));
    }
};
