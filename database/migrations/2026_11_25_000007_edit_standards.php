<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const PIECES = ['surfaces', 'techniques', 'tiers', 'requirements'];

    public function up(): void
    {
        foreach ([...self::PIECES, 'criteria', 'standard_versions'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                // Members of the document that no query asks for; null: none of them is given.
                $table->json('optional')->nullable();
            });
        }
        foreach (self::PIECES as $name) {
            Schema::table($name, function (Blueprint $table): void {
                // The revision of the draft in which this piece was last written.
                $table->unsignedInteger('revision')->default(0);
            });
        }
        Schema::table('standard_versions', function (Blueprint $table): void {
            $table->unsignedInteger('revision')->default(0);
            $table->unsignedInteger('head_revision')->default(0);
            $table->unsignedInteger('order_revision')->default(0);
            $table->foreignId('based_on_id')->nullable()->constrained('standard_versions')->nullOnDelete();
            $table->string('in_force_why', 500)->default('');
        });
        // One version of a studio is in force, and one is its draft.
        DB::statement('ALTER TABLE standard_versions DROP INDEX one_in_force, DROP COLUMN in_force_of');
        DB::statement("ALTER TABLE standard_versions
            ADD in_force_of BIGINT UNSIGNED AS (IF(state = 'in-force', studio_id, NULL)) PERSISTENT, ADD UNIQUE one_in_force (in_force_of),
            ADD draft_of BIGINT UNSIGNED AS (IF(state = 'draft', studio_id, NULL)) PERSISTENT, ADD UNIQUE one_draft (draft_of)");
        Schema::create('standard_changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('standard_version_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->constrained();
            $table->json('pieces');
            $table->boolean('undone')->default(false);
            $table->timestamps();
        });
        Schema::create('standard_proposals', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('standard_version_id')->constrained()->cascadeOnDelete();
            $table->foreignId('job_id')->nullable()->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('tier', 120);
            $table->string('surface', 120);
            $table->string('use', 120)->nullable();
            $table->string('text', 1000);
            $table->string('state', 10)->default('open');
            $table->string('answer', 1000)->default('');
            $table->foreignId('answered_by')->nullable()->constrained('users');
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
        DB::statement("ALTER TABLE standard_proposals
            ADD CONSTRAINT proposals_state CHECK (state IN ('open', 'taken', 'declined')),
            ADD CONSTRAINT proposals_text CHECK (TRIM(text) <> ''),
            ADD CONSTRAINT proposals_answered CHECK (state = 'open' OR answered_by IS NOT NULL)");
        Schema::create('job_moves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('job_id')->constrained();
            $table->foreignId('from_version_id')->constrained('standard_versions');
            $table->foreignId('to_version_id')->constrained('standard_versions');
            $table->foreignId('user_id')->constrained();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('job_moves');
        Schema::dropIfExists('standard_proposals');
        Schema::dropIfExists('standard_changes');
        DB::statement('ALTER TABLE standard_versions DROP INDEX one_in_force, DROP COLUMN in_force_of, DROP INDEX one_draft, DROP COLUMN draft_of');
        DB::statement("ALTER TABLE standard_versions ADD in_force_of BIGINT UNSIGNED AS (IF(state = 'in-force', standard_id, NULL)) PERSISTENT, ADD UNIQUE one_in_force (in_force_of)");
        Schema::table('standard_versions', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('based_on_id');
            $table->dropColumn(['revision', 'head_revision', 'order_revision', 'in_force_why']);
        });
        foreach (self::PIECES as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->dropColumn('revision'));
        }
        foreach ([...self::PIECES, 'criteria', 'standard_versions'] as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->dropColumn('optional'));
        }
    }
};
