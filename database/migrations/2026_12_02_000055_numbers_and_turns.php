<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Where the database is several nodes, ids no longer tell what came first, and a lock ends at its node. What has an
 * order is numbered within what it belongs to; rows that are changed one after the other count the turns taken with them.
 */
return new class extends Migration
{
    private const NUMBERED = ['check_actions' => 'check_id', 'bench_marks' => 'figure_id', 'standard_changes' => 'standard_version_id', 'job_changes' => 'job_id'];

    private const IN_TURN = [
        'studios', 'users', 'invitations', 'standard_versions', 'forces', 'schemes', 'scheme_areas', 'paints', 'standard_proposals', 'jobs', 'units', 'figures',
        'figure_types', 'groupings', 'job_mixes', 'quotes', 'checks', 'faults', 'mishaps', 'chain_verifications', 'worked_times', 'bench_clocks', 'bench_hours',
    ];

    public function up(): void
    {
        foreach (self::IN_TURN as $table) {
            Schema::table($table, static fn (Blueprint $columns) => $columns->unsignedInteger('turns_taken')->default(0));
        }
        foreach (self::NUMBERED as $table => $of) {
            Schema::table($table, static fn (Blueprint $columns) => $columns->unsignedInteger('number')->nullable()->after($of));
            self::past($table, static fn () => DB::statement("UPDATE {$table} JOIN (SELECT id, ROW_NUMBER() OVER (PARTITION BY {$of} ORDER BY id) AS n FROM {$table}) AS counted ON counted.id = {$table}.id SET {$table}.number = counted.n"));
            DB::statement("ALTER TABLE {$table} MODIFY number INT UNSIGNED NOT NULL DEFAULT 0, ADD UNIQUE {$table}_in_order ({$of}, number)");
            // Whatever adds a row, it is the next one.
            DB::unprepared("CREATE TRIGGER {$table}_numbered BEFORE INSERT ON {$table} FOR EACH ROW
                SET NEW.number = IF(NEW.number > 0, NEW.number, (SELECT COALESCE(MAX(earlier.number), 0) + 1 FROM {$table} AS earlier WHERE earlier.{$of} = NEW.{$of}))");
        }
    }

    public function down(): void
    {
        foreach (self::NUMBERED as $table => $of) {
            DB::unprepared("DROP TRIGGER {$table}_numbered");
            // The key of what a row belongs to needs an index, and had this one since.
            DB::statement("ALTER TABLE {$table} ADD INDEX {$table}_of_before ({$of}), DROP INDEX {$table}_in_order, DROP COLUMN number");
        }
        foreach (self::IN_TURN as $table) {
            Schema::table($table, static fn (Blueprint $columns) => $columns->dropColumn('turns_taken'));
        }
    }

    /** Writes past the triggers that refuse any change of what is signed or only ever added; they stand again afterwards, word by word. */
    private static function past(string $table, callable $write): void
    {
        /** @var list<object{name: string, timing: string, statement: string}> $triggers */
        $triggers = DB::select("SELECT TRIGGER_NAME AS name, ACTION_TIMING AS timing, ACTION_STATEMENT AS statement FROM information_schema.TRIGGERS WHERE TRIGGER_SCHEMA = DATABASE() AND EVENT_OBJECT_TABLE = ? AND EVENT_MANIPULATION = 'UPDATE' ORDER BY ACTION_ORDER", [$table]);
        foreach ($triggers as $trigger) {
            DB::unprepared("DROP TRIGGER {$trigger->name}");
        }
        try {
            $write();
        } finally {
            foreach ($triggers as $trigger) {
                DB::unprepared("CREATE TRIGGER {$trigger->name} {$trigger->timing} UPDATE ON {$table} FOR EACH ROW {$trigger->statement}");
            }
        }
    }
};
