<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Records carry a signature made with a key outside the database; what verification found is kept. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('sign_offs', function (Blueprint $table): void {
            // Null: sealed before records were signed.
            $table->char('key_id', 16)->nullable();
            $table->char('signature', 128)->nullable();
        });
        Schema::create('chain_verifications', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('studio_id')->constrained();
            $table->unsignedInteger('records');
            $table->json('faults');
            $table->timestamp('verified_at')->index();
        });
        // Triggers act with the rights of who made them: the owner of the tables from now on, as whom migrations run.
        foreach (DB::select('SELECT TRIGGER_NAME AS name, EVENT_MANIPULATION AS verb, EVENT_OBJECT_TABLE AS on_table, ACTION_STATEMENT AS body FROM information_schema.TRIGGERS WHERE TRIGGER_SCHEMA = DATABASE()') as $trigger) {
            /** @var object{name: string, verb: string, on_table: string, body: string} $trigger */
            DB::unprepared("CREATE OR REPLACE TRIGGER {$trigger->name} BEFORE {$trigger->verb} ON {$trigger->on_table} FOR EACH ROW {$trigger->body}");
        }
        // The application's account may not see triggers; this tells it which of them refuse.
        DB::unprepared("CREATE OR REPLACE FUNCTION refusing_triggers() RETURNS LONGTEXT READS SQL DATA SQL SECURITY DEFINER
            RETURN (SELECT GROUP_CONCAT(TRIGGER_NAME ORDER BY TRIGGER_NAME SEPARATOR ',') FROM information_schema.TRIGGERS
                WHERE TRIGGER_SCHEMA = DATABASE() AND ACTION_STATEMENT LIKE '%SIGNAL SQLSTATE%')");
    }

    public function down(): void
    {
        DB::unprepared('DROP FUNCTION IF EXISTS refusing_triggers');
        Schema::dropIfExists('chain_verifications');
        Schema::table('sign_offs', function (Blueprint $table): void {
            $table->dropColumn(['key_id', 'signature']);
        });
    }
};
