<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Paints\PaintBook;
use App\Actions\People\OpenSessions;
use App\Actions\People\SessionRows;
use App\Actions\People\SessionSeen;
use App\Actions\SignOffs\Anchors;
use App\Actions\SignOffs\Keyring;
use App\Actions\Transaction;
use App\Cluster\ClusterConnection;
use App\Cluster\HeadObjects;
use App\Cluster\LostNode;
use App\Cluster\SessionsInRedis;
use App\Models\BenchMark;
use App\Refusals\Unavailable;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Storage;
use LogicException;
use PDOException;
use PHPUnit\Framework\Attributes\TestWith;
use RuntimeException;

/** What is another where the application, its database or what it keeps is more than one machine. That they hold together is shown by `bin/cluster test`. */
final class ClusterTest extends CheckTestCase
{
    public function test_who_locks_a_row_takes_a_turn_of_it_and_who_reads_does_not(): void
    {
        $database = $this->severalNodes();
        $turns = static fn (): mixed => DB::table('figures')->where('number', 2)->orderBy('id')->value('turns_taken');
        $figure = static fn (): Builder => $database->table('figures')->where('number', 2)->orderBy('id')->limit(1);
        $figure()->get();
        $figure()->sharedLock()->get();
        self::assertSame(0, $turns());

        $figure()->lockForUpdate()->get();
        $figure()->lockForUpdate()->first();
        self::assertSame(2, $turns());
        self::assertSame(1, DB::table('figures')->where('turns_taken', '>', 0)->count(), 'of no other row');
    }

    public function test_what_is_signed_is_locked_without_being_written(): void
    {
        $signed = $this->signed();
        $database = $this->severalNodes();

        self::assertSame('signed', $database->table('figures')->where('id', $signed->figure_id)->lockForUpdate()->get(['id', 'state'])->value('state'));
        self::assertCount(1, $database->table('sign_offs')->lockForUpdate()->get());
        self::assertSame(0, DB::table('figures')->where('id', $signed->figure_id)->value('turns_taken'));
    }

    /** A lock that would hold on one node only is no lock. */
    public function test_rows_that_have_no_turns_cannot_be_locked(): void
    {
        $this->expectException(LogicException::class);
        $this->expectExceptionMessage('Rows of "tiers" are locked but have no turn');

        $this->severalNodes()->table('tiers')->select('id')->lockForUpdate()->get();
    }

    /** Ids of several nodes do not say what came first. */
    public function test_what_has_an_order_is_numbered_within_what_it_belongs_to(): void
    {
        $marks = BenchMark::query()->orderBy('figure_id')->orderBy('id')->get()->groupBy('figure_id')->map(static fn (Collection $of): array => $of->pluck('number')->all());
        self::assertGreaterThan(5, count($marks));
        self::assertSame([], $marks->reject(static fn (array $numbers): bool => $numbers === range(1, count($numbers)))->all());

        $check = $this->finish($this->open());
        $actions = DB::table('check_actions')->where('check_id', $check['id'])->orderBy('id')->pluck('number')->all();
        self::assertSame(range(1, count($actions)), $actions);
        $other = $this->finish($this->open($this->figure('1st Lamplighters', 3)));
        self::assertSame(1, DB::table('check_actions')->where('check_id', $other['id'])->min('number'));
    }

    /** A node gives the lower id to what came later; what is undone is the later one. */
    public function test_the_last_action_is_the_one_of_the_highest_number_whatever_its_id(): void
    {
        $check = $this->open($this->figure('1st Lamplighters', 2));
        [$first, $second] = $check['sides'];
        $check = $this->act($check, 'sides', ['side' => $first]);
        $check = $this->act($check, 'sides', ['side' => $second]);
        $last = DB::table('check_actions')->where('check_id', $check['id'])->orderByDesc('number')->first();
        self::assertNotNull($last);
        DB::statement('SET FOREIGN_KEY_CHECKS = 0');
        DB::table('check_answers')->where('check_action_id', $last->id)->update(['check_action_id' => 1]);
        DB::table('check_actions')->where('id', $last->id)->update(['id' => 1]);
        DB::statement('SET FOREIGN_KEY_CHECKS = 1');

        $check = $this->act($check, 'undo');
        self::assertSame([$first], $check['passed']);
    }

    #[TestWith([1213, '40001', 409, 'busy'])]
    #[TestWith([1205, 'HY000', 409, 'busy'])]
    #[TestWith([2006, 'HY000', 503, 'away'])]
    public function test_what_fails_when_it_is_committed_is_told(int $code, string $state, int $status, string $word): void
    {
        Route::post('/api/failing', static function () use ($code, $state): never {
            $failure = new PDOException('said at the commit');
            $failure->errorInfo = [$state, $code, 'said at the commit'];
            throw $failure;
        });

        $answer = $this->postJson('/api/failing');
        $this->assertRefused($answer, $status, $word);
        // Who is not sure whether it was stored never says that nothing was.
        self::assertSame($word === 'busy', str_contains((string) $answer->getContent(), 'Nothing was stored'));
    }

    /** What was read of it is of a moment that never was. */
    public function test_a_change_that_begins_again_reads_anew(): void
    {
        // Within the transaction that a test is undone with nothing is tried again.
        DB::rollBack();
        $book = $this->app->make(PaintBook::class);
        $name = static fn (): string => array_values($book->all())[0]->name;
        $before = $name();
        $seen = [];
        Transaction::run(static function () use ($book, $name, $before, &$seen): void {
            $seen[] = $name();
            if (count($seen) === 1) {
                DB::table('paints')->where('name', $before)->update(['name' => '0 of an attempt']);
                $book->forget();
                $seen[] = $name();
                throw new PDOException('SQLSTATE[40001]: Serialization failure: 1213 Deadlock found when trying to get lock; try restarting transaction');
            }
        });

        self::assertSame([$before, '0 of an attempt', $before], $seen);
    }

    /** The answer that it was undone was on the way, so nothing of it stands. */
    public function test_a_change_that_the_database_undid_itself_begins_again(): void
    {
        $begun = 0;
        $database = new ClusterConnection(new CrossedPdo(2), 'x', '', ['several_nodes' => true]);
        $database->transaction(static function () use (&$begun): void {
            $begun++;
        }, 5);

        self::assertSame([3, 0], [$begun, $database->transactionLevel()]);
    }

    public function test_what_was_refused_is_told_also_where_the_database_undid_the_change_itself(): void
    {
        $database = new ClusterConnection(new CrossedPdo(0), 'x', '', ['several_nodes' => true]);
        $this->expectExceptionMessage('refused in words');
        try {
            $database->transaction(static fn (): never => throw new RuntimeException('refused in words'), 5);
        } finally {
            self::assertSame(0, $database->transactionLevel(), 'the next change is a change of its own');
        }
    }

    public function test_a_node_apart_from_the_others_counts_as_lost(): void
    {
        $lost = new LostNode;

        self::assertTrue($lost->causedByLostConnection(new RuntimeException('SQLSTATE[08S01]: 1047 WSREP has not yet prepared node for application use')));
        self::assertTrue($lost->causedByLostConnection(new RuntimeException('SQLSTATE[HY000]: General error: 2006 MySQL server has gone away')));
        self::assertFalse($lost->causedByLostConnection(new RuntimeException('Duplicate entry')));
    }

    public function test_heads_are_kept_as_objects_and_found_again(): void
    {
        $disk = $this->sharedHeads();
        foreach ([2, 3] as $number) {
            $this->signed($this->figure('1st Lamplighters', $number));
        }

        self::assertSame(['heads/1/signed-000000000001.json', 'heads/1/signed-000000000002.json'], $disk->files('heads/1'));
        self::assertFileDoesNotExist("{$this->recordsFolder}/heads.jsonl");
        self::assertSame([1, 2], array_map(static fn ($head): int => $head->number, $this->app->make(Anchors::class)->of(1)));
        self::assertSame([2], array_map(static fn ($head): int => $head->number, $this->app->make(Anchors::class)->of(1, 1)));
        self::assertSame([], $this->faults());

        $disk->put('heads/1/signed-000000000002.json', str_replace('"number":2', '"number":3', (string) $disk->get('heads/1/signed-000000000002.json')));
        self::assertStringContainsString('heads/1/signed-000000000002.json', implode("\n", $this->faults()), 'it is said where the wrong head lies');
    }

    public function test_keys_that_are_settings_sign_and_are_not_made_anew_here(): void
    {
        [$old, $new] = [sodium_crypto_sign_keypair(), sodium_crypto_sign_keypair()];
        config(['records.key' => base64_encode(sodium_crypto_sign_secretkey($old))]);
        $before = $this->keys()->sign('a record');
        config(['records.key' => base64_encode(sodium_crypto_sign_secretkey($new)), 'records.former_keys' => base64_encode(sodium_crypto_sign_publickey($old))]);
        $after = $this->keys()->sign('a record');

        self::assertNotSame($before['key'], $after['key']);
        foreach ([$before, $after] as $signed) {
            self::assertTrue($this->keys()->verifies($signed['key'], $signed['signature'], 'a record'));
            self::assertFalse($this->keys()->verifies($signed['key'], $signed['signature'], 'another record'));
        }
        self::assertFileDoesNotExist("{$this->recordsFolder}/secret.key");
        try {
            $this->keys()->renew();
            self::fail('a setting cannot be changed by the application');
        } catch (Unavailable $refusal) {
            self::assertMatchesRegularExpression('/Set RECORDS_KEY to [A-Za-z0-9+\/]{86}== and RECORDS_FORMER_KEYS to "[^"]+ [^"]+" on every machine/', $refusal->getMessage());
        }
    }

    public function test_a_key_that_is_no_key_signs_nothing(): void
    {
        config(['records.key' => base64_encode('too short')]);

        $this->expectExceptionMessage('The key that signs records is not where it should be');
        $this->keys()->sign('a record');
    }

    public function test_sessions_in_redis_are_listed_by_person_and_end(): void
    {
        $redis = new RedisInMemory;
        $signedIn = null;
        $sessions = new SessionsInRedis($redis, static function () use (&$signedIn): ?array {
            return $signedIn;
        }, 600);
        $sessions->write('nobody-yet', 'token');
        $signedIn = [3, '127.0.0.1', 'a browser'];
        $sessions->write('at-the-bench', 'marks');
        $signedIn = [3, '127.0.0.2', "a phone\xff"];
        $sessions->write('on-the-stairs', 'looks');
        $signedIn = [4, '127.0.0.3', 'a browser'];
        $sessions->write('somebody-else', 'x');

        self::assertSame(['token', 'marks', ''], [$sessions->read('nobody-yet'), $sessions->read('at-the-bench'), $sessions->read('never-opened')]);
        $seen = static fn (int $user): array => Arr::sort(array_map(static fn (SessionSeen $session): string => "{$session->id} {$session->from} {$session->agent}", $sessions->of($user)));
        self::assertSame(['at-the-bench 127.0.0.1 a browser', 'on-the-stairs 127.0.0.2 a phone?'], array_values($seen(3)));

        self::assertTrue($sessions->end(3, 'at-the-bench'));
        self::assertFalse($sessions->end(3, 'at-the-bench'), 'it was ended before');
        self::assertSame(['', 'looks'], [$sessions->read('at-the-bench'), $sessions->read('on-the-stairs')]);
        $sessions->destroy('on-the-stairs');
        self::assertSame([[], ['somebody-else 127.0.0.3 a browser']], [$seen(3), array_values($seen(4))], 'who signed out is not listed');

        $redis->now = 600;
        self::assertSame(['', []], [$sessions->read('somebody-else'), $seen(4)], 'who does nothing is signed out after their time');
    }

    public function test_sessions_are_rows_where_nothing_else_is_said(): void
    {
        self::assertInstanceOf(SessionRows::class, $this->app->make(OpenSessions::class));
        config(['session.driver' => 'listed']);
        self::assertInstanceOf(SessionsInRedis::class, $this->app->make(OpenSessions::class));
    }

    /** On the connection of the test, so that both see the same rows. */
    private function severalNodes(): ClusterConnection
    {
        return new ClusterConnection(DB::connection()->getPdo(), (string) DB::connection()->getDatabaseName(), '', ['several_nodes' => true]);
    }

    private function sharedHeads(): Filesystem
    {
        $disk = Storage::fake('records');
        config(['records.shared' => true]);
        self::assertInstanceOf(HeadObjects::class, $this->app->make(\App\Actions\SignOffs\HeadStore::class));

        return $disk;
    }

    private function keys(): Keyring
    {
        return $this->app->make(Keyring::class);
    }

    /** @return list<string> */
    private function faults(): array
    {
        $chain = $this->answer($this->isla(), 'POST', '/chain/verifications', ['whole' => true]);

        return array_values(array_map(static fn (mixed $fault): string => (string) json_encode($fault, JSON_UNESCAPED_SLASHES), (array) $chain['faults']));
    }
}
