<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Answers keep the words they answered, marks are only ever added, and what an area is excused from is agreed by somebody. */
return new class extends Migration
{
    private const REFUSED = "SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'A signed record cannot be changed.'";

    private const APPENDED = "SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'A mark is never changed or taken out; a later one says otherwise.'";

    public function up(): void
    {
        $this->answers();
        $this->faults();
        $this->marks();
        Schema::table('checks', function (Blueprint $table): void {
            $table->foreignId('closed_by')->nullable()->constrained('users');
        });
        Schema::table('check_actions', function (Blueprint $table): void {
            // What was sent twice, for want of an answer, is done once.
            $table->char('request_key', 36)->nullable();
            $table->unique(['check_id', 'request_key'], 'check_actions_once');
        });
        DB::statement('ALTER TABLE check_actions DROP CONSTRAINT check_actions_kind');
        DB::statement("ALTER TABLE check_actions ADD CONSTRAINT check_actions_kind CHECK (kind IN ('answer', 'pass', 'flaw', 'remove-flaw', 'stands', 'send-back'))");
        DB::statement('ALTER TABLE variations DROP CONSTRAINT variations_kind');
        DB::statement("ALTER TABLE variations ADD CONSTRAINT variations_kind CHECK (kind IN ('waiver', 'addition', 'not-asked') AND (kind = 'not-asked') = (`use` = ''))");
    }

    public function down(): void
    {
        DB::table('variations')->where('kind', 'not-asked')->delete();
        DB::statement('ALTER TABLE variations DROP CONSTRAINT variations_kind');
        DB::statement("ALTER TABLE variations ADD CONSTRAINT variations_kind CHECK (kind IN ('waiver', 'addition'))");
        DB::statement('ALTER TABLE check_actions DROP INDEX check_actions_once, DROP COLUMN request_key');
        Schema::table('checks', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('closed_by');
        });
        $this->dropMarks();
        DB::statement('ALTER TABLE faults DROP CONSTRAINT faults_kind, DROP CONSTRAINT faults_item');
        DB::table('faults')->where('kind', 'sent-back')->delete();
        DB::statement("ALTER TABLE faults DROP COLUMN item, DROP COLUMN `text`, ADD CONSTRAINT faults_kind CHECK (kind IN ('criterion', 'missing', 'flaw', 'broken'))");
        DB::statement('ALTER TABLE check_answers ADD INDEX check_answers_action (check_action_id), DROP INDEX check_answers_once');
        DB::statement('ALTER TABLE check_answers DROP CONSTRAINT check_answers_item, DROP COLUMN item, DROP COLUMN `text`, DROP COLUMN severity, DROP COLUMN source, ADD UNIQUE (check_action_id, area, criterion)');
    }

    private function answers(): void
    {
        DB::statement("ALTER TABLE check_answers
            ADD item VARCHAR(10) NOT NULL DEFAULT 'criterion',
            ADD `text` TEXT NULL,
            ADD severity VARCHAR(10) NULL,
            ADD source VARCHAR(500) NOT NULL DEFAULT '',
            ADD CONSTRAINT check_answers_item CHECK (item IN ('criterion', 'excused')),
            ADD UNIQUE check_answers_once (check_action_id, item, area, criterion)");
        DB::statement('ALTER TABLE check_answers DROP INDEX check_answers_check_action_id_area_criterion_unique');
        // Answers of checks that are not signed take the words that are asked now; what is sealed stays as it is.
        DB::statement("UPDATE check_answers w
            JOIN check_actions a ON a.id = w.check_action_id
            JOIN checks c ON c.id = a.check_id AND c.state <> 'signed'
            JOIN figures f ON f.id = c.figure_id AND f.state <> 'signed'
            JOIN units u ON u.id = f.unit_id
            JOIN figure_areas fa ON fa.figure_type_id = u.figure_type_id AND fa.`key` = w.area
            LEFT JOIN area_tiers own ON own.unit_id = u.id AND own.figure_area_id = fa.id AND own.figure_id = f.id
            LEFT JOIN area_tiers ofunit ON ofunit.unit_id = u.id AND ofunit.figure_area_id = fa.id AND ofunit.figure_id IS NULL
            JOIN tiers t ON t.id = COALESCE(own.tier_id, ofunit.tier_id, f.tier_id, u.tier_id)
            JOIN standard_versions v ON v.id = t.standard_version_id
            JOIN standards d ON d.id = v.standard_id
            JOIN surfaces s ON s.standard_version_id = t.standard_version_id AND s.`key` = fa.surface
            JOIN requirements r ON r.tier_id = t.id AND r.surface_id = s.id
            JOIN criteria k ON k.requirement_id = r.id AND k.`key` = w.criterion
            SET w.`text` = k.`text`, w.severity = k.severity, w.source = CONCAT(d.name, ' ', v.label, ', ', t.name, ', ', s.name)");
    }

    private function faults(): void
    {
        DB::statement('ALTER TABLE faults DROP CONSTRAINT faults_kind');
        DB::statement("ALTER TABLE faults
            ADD item VARCHAR(10) NOT NULL DEFAULT 'criterion',
            ADD `text` TEXT NULL,
            ADD CONSTRAINT faults_item CHECK (item IN ('criterion', 'excused')),
            ADD CONSTRAINT faults_kind CHECK (kind IN ('criterion', 'missing', 'flaw', 'broken', 'sent-back'))");
        DB::statement("UPDATE faults x
            JOIN checks c ON c.id = x.check_id AND c.state <> 'signed'
            JOIN check_answers w ON w.check_action_id = x.check_action_id AND w.area = x.area AND w.criterion = x.criterion
            SET x.`text` = w.`text`, x.severity = IF(x.kind = 'missing', 'critical', x.severity)");
    }

    private function marks(): void
    {
        DB::statement("ALTER TABLE bench_marks
            ADD agreed_with VARCHAR(190) NOT NULL DEFAULT '',
            ADD request_key CHAR(36) NULL,
            ADD INDEX bench_marks_of (figure_id, area, `use`),
            ADD UNIQUE bench_marks_sent_once (figure_id, request_key)");
        DB::statement('ALTER TABLE bench_marks DROP INDEX bench_marks_once');
        DB::statement('ALTER TABLE bench_marks DROP CONSTRAINT bench_marks_state, DROP CONSTRAINT bench_marks_reason');
        DB::statement("ALTER TABLE bench_marks
            ADD CONSTRAINT bench_marks_state CHECK (state IN ('done', 'later', 'waived', 'not-on-figure', 'unreachable', 'taken-back')),
            ADD CONSTRAINT bench_marks_reason CHECK (state IN ('done', 'taken-back') OR TRIM(reason) <> '')");
        foreach (['update' => 'UPDATE', 'delete' => 'DELETE'] as $name => $verb) {
            DB::unprepared("DROP TRIGGER bench_marks_signed_{$name}");
            DB::unprepared("CREATE TRIGGER bench_marks_appended_{$name} BEFORE {$verb} ON bench_marks FOR EACH ROW IF (SELECT state FROM figures WHERE id = OLD.figure_id) = 'signed' THEN ".self::REFUSED.'; ELSE '.self::APPENDED.'; END IF');
        }
    }

    private function dropMarks(): void
    {
        foreach (['update' => 'UPDATE', 'delete' => 'DELETE'] as $name => $verb) {
            DB::unprepared("DROP TRIGGER bench_marks_appended_{$name}");
        }
        // One row a mark again: the latest stands, what was taken back is gone.
        DB::statement('DELETE earlier FROM bench_marks earlier JOIN bench_marks later ON later.figure_id = earlier.figure_id AND later.area = earlier.area AND later.`use` = earlier.`use`
            AND later.technique = earlier.technique AND later.coats = earlier.coats AND later.steps = earlier.steps AND later.extent = earlier.extent AND later.id > earlier.id');
        DB::statement("DELETE FROM bench_marks WHERE state = 'taken-back'");
        DB::statement('ALTER TABLE bench_marks DROP CONSTRAINT bench_marks_state, DROP CONSTRAINT bench_marks_reason');
        DB::statement("ALTER TABLE bench_marks
            ADD UNIQUE bench_marks_once (figure_id, area, `use`, technique, coats, steps, extent),
            DROP INDEX bench_marks_sent_once, DROP INDEX bench_marks_of, DROP COLUMN request_key, DROP COLUMN agreed_with,
            ADD CONSTRAINT bench_marks_state CHECK (state IN ('done', 'later', 'waived', 'not-on-figure', 'unreachable')),
            ADD CONSTRAINT bench_marks_reason CHECK (state = 'done' OR TRIM(reason) <> '')");
        foreach (['update' => 'UPDATE', 'delete' => 'DELETE'] as $name => $verb) {
            DB::unprepared("CREATE TRIGGER bench_marks_signed_{$name} BEFORE {$verb} ON bench_marks FOR EACH ROW IF (SELECT state FROM figures WHERE id = OLD.figure_id) = 'signed' THEN ".self::REFUSED.'; END IF');
        }
    }
};
