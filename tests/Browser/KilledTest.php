<?php

declare(strict_types=1);

namespace Tests\Browser;

use GuzzleHttp\Promise\EachPromise;
use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\TestCase;
use Psr\Http\Message\ResponseInterface;
use Tests\Browser\Support\Machine;
use Tests\Browser\Support\Visitor;

/**
 * Database and workers are killed in the middle of the work: what was acknowledged is kept, the rest is sent again
 * and done once.
 *
 * @phpstan-type Item array{item: string, area: string, criterion: string, alone: ?string, answer: ?string, answers: list<string>, sides: list<string>}
 * @phpstan-type Check array{id: int, version: int, items: list<Item>, sides: list<string>, passed: list<string>, complete: bool}
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
            $check = $this->check($deputy, "/figures/{$figure}/checks");
            $item = array_values(array_filter($check['items'], static fn (array $item): bool => $item['alone'] !== null))[0];
            $key = sprintf('00000000-0000-4000-a000-%012d', $check['id']);
            $todo[$key] = static fn (): PromiseInterface => $deputy->send('POST', "/checks/{$check['id']}/answers", ['key' => $key, ...self::answer($check, $item)]);
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
            $check = $this->finished($deputy, $this->check($deputy, "/figures/{$figure}/checks"));
            $todo[$figure] = static fn (): PromiseInterface => $deputy->send('POST', "/checks/{$check['id']}/sign-off", ['version' => $check['version']]);
        }

        $acknowledged = $this->killedAfter(2, $todo);
        self::assertSame([], array_diff($acknowledged, $this->signed()), 'no acknowledged signature is lost');

        // What was signed without its answer arriving is refused as signed already; the rest is signed now.
        foreach (array_diff(array_keys($todo), $this->signed()) as $figure) {
            self::assertSame(201, $this->answered($todo[$figure])->getStatusCode());
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
     * @param  array<array-key, callable(): PromiseInterface>  $todo
     * @return list<int|string> what was acknowledged
     */
    private function killedAfter(int $many, array $todo): array
    {
        $acknowledged = [];
        $killed = false;
        $promises = (static function () use ($todo): iterable {
            foreach ($todo as $key => $send) {
                yield $key => $send();
            }
        })();
        (new EachPromise($promises, [
            'concurrency' => 4,
            'fulfilled' => function (ResponseInterface $response, string|int $key) use (&$acknowledged, &$killed, $many): void {
                $response->getStatusCode() < 300 && $acknowledged[] = $key;
                if (! $killed && count($acknowledged) >= $many) {
                    $killed = true;
                    $this->machine->killDatabaseAndWorkers();
                }
            },
            // A connection that broke acknowledged nothing.
            'rejected' => static fn (): null => null,
        ]))->promise()->wait();
        self::assertTrue($killed);
        self::assertLessThan(count($todo), count($acknowledged), 'it was killed in the middle');
        $this->machine->startDatabase();
        DB::purge();

        return $acknowledged;
    }

    /** @param  array<array-key, callable(): PromiseInterface>  $todo */
    private function assertAllDone(array $todo): void
    {
        foreach ($todo as $key => $send) {
            $response = $this->answered($send);
            self::assertSame(200, $response->getStatusCode(), "{$key}: {$response->getBody()}");
        }
    }

    /** @param  callable(): PromiseInterface  $send */
    private function answered(callable $send): ResponseInterface
    {
        $response = $send()->wait();
        assert($response instanceof ResponseInterface);

        return $response;
    }

    /**
     * @param  Check  $check
     * @return Check
     */
    private function finished(Visitor $by, array $check): array
    {
        foreach ($check['items'] as $item) {
            if ($item['alone'] !== null && $item['answer'] === null) {
                $check = $this->check($by, "/checks/{$check['id']}/answers", self::answer($check, $item));
            }
        }
        foreach (array_diff($check['sides'], $check['passed']) as $side) {
            $check = $this->check($by, "/checks/{$check['id']}/sides", ['version' => $check['version'], 'side' => $side]);
        }
        self::assertTrue($check['complete']);

        return $check;
    }

    /**
     * @param  Check  $check
     * @param  Item  $item
     * @return array<string, int|string>
     */
    private static function answer(array $check, array $item): array
    {
        return ['version' => $check['version'], 'item' => $item['item'], 'area' => $item['area'], 'criterion' => $item['criterion'], 'answer' => $item['answers'][0], 'side' => $item['sides'][0]];
    }

    /**
     * @param  array<string, int|string>  $body
     * @return Check
     */
    private function check(Visitor $by, string $path, array $body = []): array
    {
        /** @var Check $check */
        $check = $by->ask('POST', $path, $body);

        return $check;
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
