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
        Schema::create('checks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('figure_id')->constrained();
            $table->unsignedSmallInteger('round');
            $table->string('state', 10)->default('open');
            // What was asked when the check began; when something else is asked, it ends.
            $table->char('signature', 64);
            $table->foreignId('opened_by')->constrained('users');
            $table->timestamp('closed_at')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
            $table->unique(['figure_id', 'round']);
        });
        DB::statement("ALTER TABLE checks
            ADD CONSTRAINT checks_state CHECK (state IN ('open', 'refused', 'signed', 'dropped')),
            ADD open_of BIGINT UNSIGNED AS (IF(state = 'open', figure_id, NULL)) PERSISTENT,
            ADD UNIQUE one_open_check (open_of)");
        Schema::create('check_actions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('check_id')->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('kind', 12);
            $table->string('side', 10)->nullable();
            $table->timestamp('undone_at')->nullable();
            $table->foreignId('undone_by')->nullable()->constrained('users');
            $table->timestamps();
        });
        DB::statement("ALTER TABLE check_actions ADD CONSTRAINT check_actions_kind CHECK (kind IN ('answer', 'pass', 'flaw', 'remove-flaw', 'stands'))");
        Schema::create('check_answers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('check_action_id')->constrained();
            $table->string('area', 120);
            $table->string('criterion', 120);
            $table->string('answer', 20);
            $table->string('side', 10)->nullable();
            $table->string('reason', 500)->default('');
            $table->unique(['check_action_id', 'area', 'criterion']);
        });
        DB::statement("ALTER TABLE check_answers ADD CONSTRAINT check_answers_answer CHECK (answer IN ('holds', 'does-not-hold', 'not-done', 'not-on-figure', 'unreachable'))");
        Schema::create('faults', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('check_id')->constrained();
            $table->foreignId('check_action_id')->constrained();
            $table->string('kind', 10);
            $table->string('area', 120);
            $table->string('criterion', 120)->nullable();
            $table->string('severity', 10)->nullable();
            $table->string('side', 10)->nullable();
            $table->string('zone', 10)->nullable();
            $table->string('flaw', 20)->nullable();
            $table->double('size_mm')->nullable();
            $table->string('note', 500)->default('');
            $table->foreignId('removed_by_action_id')->nullable()->constrained('check_actions');
            // A fault that was not mended stands in the next check under the same name.
            $table->foreignId('stands_from_id')->nullable()->constrained('faults');
            $table->foreignId('waived_by')->nullable()->constrained('users');
            $table->timestamp('waived_at')->nullable();
            $table->string('waiver_agreed_with', 190)->nullable();
            $table->string('waiver_reason', 500)->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->timestamps();
        });
        DB::statement("ALTER TABLE faults
            ADD CONSTRAINT faults_kind CHECK (kind IN ('criterion', 'missing', 'flaw', 'broken')),
            ADD CONSTRAINT faults_flaw CHECK (kind <> 'flaw' OR (size_mm >= 0 AND side IS NOT NULL AND flaw IS NOT NULL)),
            ADD CONSTRAINT faults_waiver CHECK (waived_at IS NULL OR (waived_by IS NOT NULL AND TRIM(waiver_reason) <> ''))");
        Schema::create('mendings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('fault_id')->unique()->constrained();
            $table->foreignId('user_id')->constrained();
            $table->string('note', 500)->default('');
            $table->timestamps();
        });
        Schema::create('sign_offs', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->foreignId('figure_id')->unique()->constrained();
            $table->foreignId('check_id')->unique()->constrained();
            $table->foreignId('signed_by')->constrained('users');
            $table->unsignedInteger('number');
            $table->char('previous', 64);
            $table->char('hash', 64);
            $table->longText('record');
            $table->timestamp('signed_at');
            $table->unique(['studio_id', 'number']);
        });
        self::guard();
    }

    public function down(): void
    {
        foreach (['sign_offs', 'mendings', 'faults', 'check_answers', 'check_actions', 'checks'] as $table) {
            Schema::dropIfExists($table);
        }
        DB::statement('DROP TRIGGER IF EXISTS figures_signed_update');
        DB::statement('DROP TRIGGER IF EXISTS figures_signed_delete');
    }

    /** What is signed stays as it is, whoever asks the database. */
    private static function guard(): void
    {
        $refuse = "SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'A signed record cannot be changed.'";
        foreach (['UPDATE', 'DELETE'] as $verb) {
            $name = strtolower($verb);
            DB::unprepared("CREATE TRIGGER sign_offs_{$name} BEFORE {$verb} ON sign_offs FOR EACH ROW {$refuse}");
            foreach (['figures', 'checks'] as $table) {
                DB::unprepared("CREATE TRIGGER {$table}_signed_{$name} BEFORE {$verb} ON {$table} FOR EACH ROW IF OLD.state = 'signed' THEN {$refuse}; END IF");
            }
        }
        $owners = [
            'check_actions' => "(SELECT state FROM checks WHERE id = %s.check_id) = 'signed'",
            'faults' => "(SELECT state FROM checks WHERE id = %s.check_id) = 'signed'",
            'check_answers' => "(SELECT c.state FROM checks c JOIN check_actions a ON a.check_id = c.id WHERE a.id = %s.check_action_id) = 'signed'",
            'mendings' => "(SELECT f.state FROM figures f JOIN checks c ON c.figure_id = f.id JOIN faults t ON t.check_id = c.id WHERE t.id = %s.fault_id) = 'signed'",
            'bench_marks' => "(SELECT state FROM figures WHERE id = %s.figure_id) = 'signed'",
        ];
        foreach ($owners as $table => $signed) {
            foreach (['INSERT' => 'NEW', 'UPDATE' => 'OLD', 'DELETE' => 'OLD'] as $verb => $row) {
                $name = strtolower($verb);
                $condition = sprintf($signed, $row);
                DB::unprepared("CREATE TRIGGER {$table}_signed_{$name} BEFORE {$verb} ON {$table} FOR EACH ROW IF {$condition} THEN {$refuse}; END IF");
            }
        }
    }
};
