<?php

declare(strict_types=1);

namespace Tests\Browser;

use Closure;
use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\AtOnce;
use Tests\Browser\Support\Checker;
use Tests\Browser\Support\Machine;
use Tests\Browser\Support\Visitor;

/**
 * Database and workers are killed in the middle of the work: what was acknowledged is kept, the rest is sent again
 * and done once.
 */
final class KilledTest extends TestCase
{
    private string $address;

    private Machine $machine;

    public static function setUpBeforeClass(): void
    {
        BrowserTestCase::setUpBeforeClass();
    }

    protected function setUp(): void
    {
        $this->address = (string) getenv('ORDOTYPE_BROWSER_ADDRESS');
        $this->machine = new Machine((string) getenv('ORDOTYPE_PLACE'));
        $this->machine->keepAsAStudioDoes();
    }

    public function test_marks(): void
    {
        $isla = Visitor::signedIn($this->address, 'isla@kittiwake.example');
        $todo = [];
        foreach ($this->untouched() as $figure) {
            foreach (['figure' => 'clean', 'boots' => 'base'] as $area => $use) {
                $key = sprintf('00000000-0000-4000-9000-%06d%06d', $use === 'clean' ? 1 : 2, $figure);
                $todo[$key] = static fn (): PromiseInterface => $isla->send('POST', '/bench-marks', ['figures' => [['id' => $figure, 'seen' => null]], 'area' => $area, 'use' => $use, 'state' => 'done', 'key' => $key]);
            }
        }

        $acknowledged = $this->killedAfter(4, $todo);
        self::assertSame([], array_diff($acknowledged, $this->stored('bench_marks', '00000000-0000-4000-9000-%')), 'no acknowledged mark is lost');

        $this->assertAllDone($todo);
        self::assertEqualsCanonicalizing(array_keys($todo), $this->stored('bench_marks', '00000000-0000-4000-9000-%'), 'each is there once');
    }

    public function test_answers_of_checks(): void
    {
        $deputy = Visitor::signedIn($this->address, 'deputy@kittiwake.example');
        $todo = [];
        foreach ($this->waiting() as $figure) {
            $check = (new Checker($deputy))->open($figure);
            $item = Checker::asked($check)[0];
            $key = sprintf('00000000-0000-4000-a000-%012d', $check['id']);
            $todo[$key] = static fn (): PromiseInterface => $deputy->send('POST', "/checks/{$check['id']}/answers", ['key' => $key, ...Checker::answer($check, $item)]);
        }

        $acknowledged = $this->killedAfter(2, $todo);
        self::assertSame([], array_diff($acknowledged, $this->stored('check_actions', '00000000-0000-4000-a000-%')), 'no acknowledged answer is lost');

        $this->assertAllDone($todo);
        self::assertEqualsCanonicalizing(array_keys($todo), $this->stored('check_actions', '00000000-0000-4000-a000-%'), 'each is there once');
    }

    public function test_sign_offs(): void
    {
        $deputy = Visitor::signedIn($this->address, 'deputy@kittiwake.example');
        $todo = [];
        foreach ($this->waiting() as $figure) {
            $checker = new Checker($deputy);
            $check = $checker->finished($checker->open($figure));
            $todo[$figure] = static fn (): PromiseInterface => $deputy->send('POST', "/checks/{$check['id']}/sign-off", ['version' => $check['version']]);
        }

        $acknowledged = $this->killedAfter(2, $todo);
        self::assertSame([], array_diff($acknowledged, $this->signed()), 'no acknowledged signature is lost');

        // What was signed without its answer arriving is refused as signed already; the rest is signed now.
        foreach (array_diff(array_keys($todo), $this->signed()) as $figure) {
            self::assertSame(201, AtOnce::one($todo[$figure])->getStatusCode());
        }
        self::assertEqualsCanonicalizing(array_keys($todo), $this->signed());
        $lead = Visitor::signedIn($this->address, 'lead@kittiwake.example');
        $chain = $lead->ask('POST', '/chain/verifications', ['whole' => true]);
        for ($asked = 0; is_array($chain['run']) && $asked < 600; $asked++) {
            usleep(200_000);
            $chain = $lead->ask('GET', '/chain');
        }
        self::assertSame([], $chain['faults'] ?? null);
        self::assertSame([count($todo), null], [$chain['records'], $chain['run']]);
    }

    /**
     * Sends everything, four at a time, and kills the machine when so many were acknowledged.
     *
     * @param  array<array-key, Closure(): PromiseInterface>  $todo
     * @return list<int|string> what was acknowledged
     */
    private function killedAfter(int $many, array $todo): array
    {
        $acknowledged = AtOnce::interrupted($todo, 4, $many, $this->machine->killDatabaseAndWorkers(...));
        self::assertLessThan(count($todo), count($acknowledged), 'it was killed in the middle');
        $this->machine->startDatabase();
        DB::purge();

        return $acknowledged;
    }

    /** @param  array<array-key, Closure(): PromiseInterface>  $todo */
    private function assertAllDone(array $todo): void
    {
        foreach ($todo as $key => $send) {
            $response = AtOnce::one($send);
            self::assertSame(200, $response->getStatusCode(), "{$key}: {$response->getBody()}");
        }
    }

    /** @return list<string> the keys of these requests of which something is stored */
    private function stored(string $table, string $keys): array
    {
        /** @var list<string> $stored */
        $stored = DB::table($table)->where('request_key', 'like', $keys)->pluck('request_key')->all();

        return $stored;
    }

    /** @return list<int> ids of the figures that were signed, as they stand in the chain */
    private function signed(): array
    {
        /** @var list<int> $signed */
        $signed = DB::table('sign_offs')->orderBy('number')->pluck('figure_id')->all();

        return $signed;
    }

    /** @return list<int> ids of the figures that wait for a check */
    private function waiting(): array
    {
        return $this->ids(DB::table('figures')->where('unit_id', $this->unit())->where('number', '>', 1)->where('number', '<', 8));
    }

    /** @return list<int> ids of figures that nobody has marked yet */
    private function untouched(): array
    {
        return $this->ids(DB::table('figures')->where('unit_id', $this->unit())->where('number', '>', 8)->whereNotIn('id', DB::table('bench_marks')->select('figure_id')));
    }

    private function unit(): int
    {
        $unit = DB::table('units')->where('name', '1st Lamplighters')->value('id');
        assert(is_int($unit));

        return $unit;
    }

    /** @return list<int> */
    private function ids(Builder $figures): array
    {
        /** @var list<int> $ids */
        $ids = $figures->orderBy('number')->pluck('id')->all();

        return $ids;
    }
}
