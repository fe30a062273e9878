<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\SignOffs\Anchors;
use App\Actions\SignOffs\Keyring;
use App\Actions\SignOffs\ReadChain;
use App\Actions\SignOffs\VerifyChain;
use App\Models\ChainVerification;
use App\Models\CurrentStudio;
use App\Models\SignOff;
use Closure;
use Core\Record\CanonicalJson;
use Illuminate\Database\Query\Builder;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

/**
 * Whoever owns the database changes what was signed, in fourteen ways; each is found for itself. The triggers
 * are told to look away first, as an owner can.
 */
final class ChainTest extends CheckTestCase
{
    public function test_every_way_of_tampering_is_found(): void
    {
        foreach ([2, 3, 4] as $number) {
            $this->signed($this->figure('1st Lamplighters', $number));
        }
        self::assertSame([], $this->faults(), 'a chain as it was signed holds');
        $this->lookAway();
        try {
            foreach ($this->tamperings() as $name => [$tamper, $sentence]) {
                DB::unprepared('START TRANSACTION');
                DB::statement('SET @look_away = 1');
                $tamper();
                $faults = implode("\n", $this->faults());
                DB::unprepared('ROLLBACK');
                self::assertStringContainsString($sentence, $faults, $name);
            }
            self::assertSame([], $this->faults(), 'every change was taken back');
        } finally {
            DB::statement('SET @look_away = NULL');
            // Triggers made anew end the transaction that a test is undone with.
            RefreshDatabaseState::$migrated = false;
        }
    }

    public function test_what_was_verified_stands_there_and_only_what_is_new_is_read(): void
    {
        $read = /** @return array<array-key, mixed> */ fn (bool $whole): array => $this->answer($this->isla(), 'POST', '/chain/verifications', ['whole' => $whole]);
        $stands = /** @return list<mixed> */ fn (): array => array_map(fn (string $member): mixed => $this->answer($this->isla(), 'GET', '/chain')[$member], ['records', 'verified', 'holds', 'verified_at', 'whole_at']);
        self::assertSame([0, 0, true, null, null], $stands(), 'nothing was read yet');
        $this->signed($this->figure('1st Lamplighters', 2));
        $this->signed($this->figure('1st Lamplighters', 3));
        self::assertSame([2, null], [$this->answer($this->isla(), 'GET', '/chain')['records'], $this->answer($this->isla(), 'GET', '/chain')['verified_at']], 'who looks reads nothing');
        self::assertSame([2, true, null], [($first = $read(false))['verified'], $first['holds'], $first['run']], 'what was never read is read whole');
        self::assertSame([0, 2], [($last = ChainVerification::query()->latest('id')->firstOrFail())->after, $last->through]);

        $third = $this->signed($this->figure('1st Lamplighters', 4));
        self::assertSame([3, 2, true], array_slice($stands(), 0, 3), 'one is not verified yet');
        self::assertSame(3, $read(false)['verified']);
        self::assertSame([2, 3, $third->hash], [($last = ChainVerification::query()->latest('id')->firstOrFail())->after, $last->through, $last->head]);
        self::assertSame(ChainVerification::query()->where('after', 0)->firstOrFail()->verified_at->toIso8601ZuluString(), $stands()[4]);
        self::assertSame(0, $this->app->make(VerifyChain::class)->begin(whole: true)->after);
    }

    public function test_it_is_read_by_a_worker_and_who_asks_meanwhile_is_told_how_far_that_is(): void
    {
        $this->signed($this->figure('1st Lamplighters', 2));
        Queue::fake();
        $going = $this->answer($this->isla(), 'POST', '/chain/verifications', ['whole' => true]);
        self::assertSame([0, ['whole' => true, 'read' => 0]], [$going['verified'], Arr::except((array) $going['run'], 'id')]);
        self::assertSame($going, $this->answer($this->lead(), 'POST', '/chain/verifications', ['whole' => true]), 'it is read once');
        self::assertSame($going['run'], $this->answer($this->lead(), 'GET', '/chain')['run']);
        Queue::assertPushed(ReadChain::class, 1);

        $run = ChainVerification::query()->firstOrFail();
        $reading = new ReadChain($run->studio_id, $run->id);
        $this->app->call([$reading, 'handle']);
        self::assertSame([1, null], [($read = $this->answer($this->isla(), 'GET', '/chain'))['verified'], $read['run']]);
        $this->app->call([$reading, 'handle']);
        self::assertSame([1, 1], [ChainVerification::query()->count(), $run->refresh()->records], 'what is finished is not read twice');
    }

    public function test_a_reading_that_nobody_goes_on_with_is_begun_anew(): void
    {
        $this->signed($this->figure('1st Lamplighters', 2));
        $left = $this->app->make(VerifyChain::class)->begin(whole: true);
        self::assertSame($left->id, Arr::get($this->answer($this->isla(), 'GET', '/chain'), 'run.id'));
        $left->update(['verified_at' => now()->subMinutes(16)]);

        self::assertNull($this->answer($this->isla(), 'GET', '/chain')['run']);
        self::assertSame(1, $this->answer($this->isla(), 'POST', '/chain/verifications', ['whole' => true])['verified']);
        $this->assertRefused($this->as($this->isla(), 'POST', '/chain/verifications', ['whole' => 'perhaps']), 422, 'invalid', '/whole');
    }

    public function test_what_does_not_hold_is_read_whole_each_time(): void
    {
        $this->signed($this->figure('1st Lamplighters', 2));
        $this->answer($this->isla(), 'POST', '/chain/verifications', ['whole' => false]);
        foreach (['another record stands there' => ['head' => str_repeat('f', 64)], 'it did not hold' => ['faults' => json_encode(['something'])], 'nobody wrote down with which it ended' => ['head' => '', 'faults' => '[]']] as $why => $change) {
            DB::table('chain_verifications')->update($change);
            self::assertSame(0, $this->app->make(VerifyChain::class)->begin(whole: false)->after, $why);
        }
    }

    public function test_missing_triggers_are_found(): void
    {
        DB::unprepared('DROP TRIGGER sign_offs_delete');
        try {
            self::assertSame(['The database does not refuse changes of signed rows as it should; missing or changed: sign_offs_delete.'], $this->faults());
            DB::unprepared('CREATE TRIGGER sign_offs_delete BEFORE DELETE ON sign_offs FOR EACH ROW SET @nothing = 1');
            self::assertStringContainsString('sign_offs_delete', implode($this->faults()), 'a trigger that refuses nothing is none');
        } finally {
            RefreshDatabaseState::$migrated = false;
        }
    }

    public function test_a_wrong_key_is_found(): void
    {
        $this->signed();
        unlink("{$this->recordsFolder}/public-keys.json");
        $this->app->make(Keyring::class)->prepare();
        $faults = implode("\n", $this->faults());

        self::assertStringContainsString('that this application does not have', $faults);
        self::assertStringContainsString('Line 1 of the file of heads was not written by this application', $faults);
    }

    public function test_after_a_change_of_keys_old_and_new_records_hold(): void
    {
        $first = $this->signed();
        self::assertSame(0, Artisan::call('records:renew-key'));
        $second = $this->signed($this->figure('1st Lamplighters', 3));

        self::assertNotSame($first->key_id, $second->key_id);
        self::assertSame([], $this->faults());
    }

    public function test_without_its_key_nothing_is_signed_and_nothing_is_lost(): void
    {
        $check = $this->finish($this->open());
        $this->app->make(Keyring::class)->prepare();
        unlink("{$this->recordsFolder}/secret.key");

        $this->assertRefused($this->as($this->deputy(), 'POST', "/checks/{$check['id']}/sign-off", ['version' => $check['version']]), 503, 'no-signing-key');
        self::assertSame([0, 'open'], [SignOff::query()->count(), DB::table('checks')->value('state')]);
    }

    public function test_records_sealed_before_there_was_a_key_hold_up_to_the_head_that_was_kept_then(): void
    {
        $first = $this->signed();
        DB::statement('DROP TRIGGER sign_offs_update');
        try {
            DB::table('sign_offs')->update(['signature' => null, 'key_id' => null]);
            unlink("{$this->recordsFolder}/heads.jsonl");
            self::assertContains('Record 1 is not signed.', $this->faults());

            $this->prepare();
            self::assertNotContains('Record 1 is not signed.', $this->faults());
            self::assertTrue($this->app->make(Anchors::class)->of($first->studio_id)[0]->baseline);

            // Once heads are kept, an unsigned record after them is none of ours.
            $this->signed($this->figure('1st Lamplighters', 3));
            DB::table('sign_offs')->where('number', 2)->update(['signature' => null]);
            $this->prepare();
            self::assertContains('Record 2 is not signed.', $this->faults());
        } finally {
            RefreshDatabaseState::$migrated = false;
        }
    }

    public function test_a_head_from_a_certificate_is_looked_for_by_page_and_command(): void
    {
        $signOff = $this->signed();
        $ask = fn (int $number, string $hash): mixed => $this->answer($this->isla(), 'GET', "/chain/head?number={$number}&hash={$hash}")['contained'];

        self::assertTrue($ask(1, $signOff->hash));
        self::assertTrue($ask(1, '%20'.strtoupper($signOff->hash)));
        self::assertFalse($ask(2, $signOff->hash));
        self::assertFalse($ask(1, str_repeat('0', 64)));
        $this->assertRefused($this->as($this->isla(), 'GET', '/chain/head?number=1&hash=abc'), 422, 'invalid', '/hash');
        self::assertSame(0, Artisan::call('records:contains', ['studio' => 'Kittiwake Row', 'number' => 1, 'seal' => $signOff->hash]));
        self::assertSame(1, Artisan::call('records:contains', ['studio' => 'Kittiwake Row', 'number' => 1, 'seal' => str_repeat('0', 64)]));
    }

    public function test_the_daily_verification_is_kept_and_today_says_when_it_fails(): void
    {
        $this->signed();
        self::assertSame(0, Artisan::call('records:verify'));
        self::assertTrue($this->chainToday()['holds']);
        unlink("{$this->recordsFolder}/public-keys.json");
        self::assertSame(1, Artisan::call('records:verify'));

        self::assertFalse($this->chainToday()['holds']);
    }

    private function prepare(): void
    {
        self::assertSame(0, Artisan::call('records:prepare'));
        $this->app->make(CurrentStudio::class)->enter($this->lead()->studio_id);
    }

    /** @return array{holds: bool} */
    private function chainToday(): array
    {
        /** @var array{chain: array{holds: bool}} $today */
        $today = $this->answer($this->lead(), 'GET', '/today');

        return $today['chain'];
    }

    /** @return array<string, array{Closure(): mixed, string}> what is done, and a sentence that finds it */
    private function tamperings(): array
    {
        $text = static fn (string $record): string => str_replace('"accept"', '"concession"', $record);

        return [
            'a text altered' => [static fn () => self::reseal(2, $text, false), 'Record 2 was altered after it was signed'],
            'a text altered, with its hash renewed' => [static fn () => self::reseal(2, $text), 'Record 3 does not follow the one before it'],
            'the last one altered, with its hash renewed' => [static fn () => self::reseal(3, $text), 'The signature of record 3 does not fit it.'],
            'one in the middle removed' => [static fn () => self::table()->where('number', 2)->delete(), 'Record 3 stands where record 2 should'],
            'the last one removed' => [static fn () => self::table()->where('number', 3)->delete(), 'Record 3 was signed off, as the file of heads says, but is not in the chain.'],
            'numbers swapped' => [static fn () => self::exchange('number', 90), 'Record 1 says another number'],
            'figures of two records swapped' => [fn () => self::exchange('figure_id', $this->figure('1st Lamplighters', 9)->id), 'Record 2 is stored with another figure'],
            'another signer' => [fn () => self::table()->where('number', 2)->update(['signed_by' => $this->lead()->id]), 'Record 2 is stored with another signer'],
            'another date' => [static fn () => self::table()->where('number', 2)->update(['signed_at' => '2020-01-01 00:00:00']), 'Record 2 is stored with another date'],
            'moved to another figure' => [fn () => self::table()->where('number', 2)->update(['figure_id' => $this->figure('1st Lamplighters', 9)->id]), 'Record 2 is stored with another figure'],
            'the whole chain rewritten' => [static fn () => self::rewriteAll($text), 'Record 1 is another than the one that was signed off, as the file of heads says.'],
            'the whole chain removed' => [static fn () => self::table()->delete(), 'Record 1 was signed off, as the file of heads says, but is not in the chain.'],
            'an answer behind a record altered' => [static fn () => DB::table('check_answers')->limit(1)->update(['reason' => 'otherwise']), 'What stands behind record 1 (marks, answers, faults or mendings) was altered'],
            'a mark behind a record altered' => [fn () => DB::table('bench_marks')->where('figure_id', $this->figure('1st Lamplighters', 3)->id)->limit(1)->update(['user_id' => $this->jory()->id]), 'What stands behind record 2'],
            'a mark behind a record taken out' => [fn () => DB::table('bench_marks')->where('figure_id', $this->figure('1st Lamplighters', 3)->id)->limit(1)->delete(), 'What stands behind record 2'],
            'a verdict that does not follow, sealed anew' => [static fn () => self::reseal(2, static fn (string $record): string => str_replace('"verdict":{"counts":{"critical":0', '"verdict":{"counts":{"critical":1', $record)), 'Record 2: It counts 1 critical faults; there are 0.'],
        ];
    }

    /** @param  Closure(string): string  $change of the record */
    private static function reseal(int $number, Closure $change, bool $renewed = true): void
    {
        $record = self::table()->where('number', $number)->value('record');
        self::assertIsString($record);
        $altered = $change($record);
        self::assertNotSame($record, $altered);
        self::table()->where('number', $number)->update(['record' => $altered, ...($renewed ? ['hash' => hash('sha256', $altered)] : [])]);
    }

    /** @param  Closure(string): string  $change of every record, each chained to the one before it again */
    private static function rewriteAll(Closure $change): void
    {
        $previous = str_repeat('0', 64);
        foreach (SignOff::query()->orderBy('number')->get() as $row) {
            $record = json_decode($change($row->record), true, 512, JSON_THROW_ON_ERROR);
            self::assertIsArray($record);
            $canonical = CanonicalJson::encode([...$record, 'previous' => $previous]);
            self::table()->where('id', $row->id)->update(['record' => $canonical, 'previous' => $previous, 'hash' => hash('sha256', $canonical)]);
            $previous = hash('sha256', $canonical);
        }
    }

    /** Of the first two records; by way of a value that no record has, since each is there only once. */
    private static function exchange(string $column, int $free): void
    {
        [$first, $second] = SignOff::query()->orderBy('number')->limit(2)->get()->all();
        self::table()->where('id', $first->id)->update([$column => $free]);
        self::table()->where('id', $second->id)->update([$column => $first->getAttribute($column)]);
        self::table()->where('id', $first->id)->update([$column => $second->getAttribute($column)]);
    }

    /** The triggers refuse as before, except while this connection looks away. */
    private function lookAway(): void
    {
        $triggers = DB::select('SELECT TRIGGER_NAME AS name, EVENT_MANIPULATION AS verb, EVENT_OBJECT_TABLE AS tab, ACTION_STATEMENT AS body FROM information_schema.TRIGGERS WHERE TRIGGER_SCHEMA = DATABASE()');
        foreach ($triggers as $trigger) {
            /** @var object{name: string, verb: string, tab: string, body: string} $trigger */
            DB::unprepared("CREATE OR REPLACE TRIGGER {$trigger->name} BEFORE {$trigger->verb} ON {$trigger->tab} FOR EACH ROW IF @look_away IS NULL THEN {$trigger->body}; END IF");
        }
    }

    /** @return list<string> */
    private function faults(): array
    {
        return $this->app->make(VerifyChain::class)->keep()->faults;
    }

    private static function table(): Builder
    {
        return DB::table('sign_offs');
    }
}
