<?php

declare(strict_types=1);

namespace Tests\Cluster;

use Closure;
use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Support\Facades\DB;
use Tests\Browser\Support\AtOnce;
use Tests\Browser\Support\Checker;
use Tests\Browser\Support\Visitor;

/**
 * A machine dies in the middle of the work, of the database or of the application. What was acknowledged is kept; the
 * rest is sent again, to whoever is left, and done once.
 */
final class LostTest extends ClusterTestCase
{
    protected function tearDown(): void
    {
        Nodes::restore();
    }

    public function test_a_node_of_the_database_dies_while_steps_are_marked(): void
    {
        $todo = $this->marks('2nd Lamplighters', 7, Visitor::signedIn(Nodes::balancer(), 'isla@kittiwake.example'));
        $acknowledged = $this->lost($todo, 4, static fn () => Nodes::killDatabase(2));

        foreach ([1, 3] as $left) {
            self::assertSame([], array_diff($acknowledged, self::keysAt($left, 7)), "no acknowledged mark is lost at node {$left}");
        }
        $this->assertDoneOnce($todo, 7);

        Nodes::restore();
        self::assertEqualsCanonicalizing(array_keys($todo), self::keysAt(2, 7), 'the node that comes back has what was done without it');
    }

    public function test_a_node_of_the_database_dies_while_figures_are_signed(): void
    {
        $lead = Visitor::signedIn(Nodes::balancer(), 'lead@kittiwake.example');
        $before = DB::table('sign_offs')->where('studio_id', self::studio())->count();
        $checker = new Checker($lead);
        $todo = [];
        $jory = Visitor::signedIn(Nodes::balancer(), 'jory@kittiwake.example');
        self::painted($jory, 'Tide divers');
        self::assertArrayNotHasKey('error', $jory->ask('POST', '/hand-overs', ['figures' => self::figures('Tide divers', 'painting')]));
        $figures = self::figures('Tide divers', 'to-check');
        self::assertCount(6, $figures);
        foreach ($figures as $figure) {
            $check = $checker->finished($checker->open($figure));
            $todo[$figure] = static fn (): PromiseInterface => $lead->send('POST', "/checks/{$check['id']}/sign-off", ['version' => $check['version']]);
        }

        $acknowledged = $this->lost($todo, 1, static fn () => Nodes::killDatabase(3), 2);
        self::assertSame([], array_diff($acknowledged, self::signed()), 'no acknowledged signature is lost');

        foreach (array_diff(array_keys($todo), self::signed()) as $figure) {
            self::assertSame(201, AtOnce::one($todo[$figure])->getStatusCode());
        }
        self::assertSame([], array_diff(array_keys($todo), self::signed()));
        Nodes::restore();
        self::assertChainHolds($lead, $before + count($todo));
    }

    public function test_a_machine_of_the_application_dies_while_steps_are_marked(): void
    {
        $isla = Visitor::signedIn(Nodes::balancer(), 'isla@kittiwake.example');
        // The last six are for who tries what crosses.
        $todo = array_slice($this->marks('Quay watch', 8, $isla), 0, -12, true);
        $acknowledged = $this->lost($todo, 4, static fn () => Nodes::killMachine(2));

        self::assertSame([], array_diff($acknowledged, self::keysAt(1, 8)), 'no acknowledged mark is lost');
        self::assertSame('painter', ((array) ($isla->ask('GET', '/session')['user'] ?? []))['role'] ?? null, 'who was signed in still is');
        $this->assertDoneOnce($todo, 8);

        Nodes::restore();
        self::assertSame(200, AtOnce::one(static fn (): PromiseInterface => Visitor::signedIn(Nodes::machines()[1], 'isla@kittiwake.example')->send('GET', '/session'))->getStatusCode());
    }

    /** What the worker of a dead machine was at is taken up by another. */
    public function test_work_of_the_queue_goes_on_without_a_machine(): void
    {
        Nodes::killMachine(3);
        $lead = Visitor::signedIn(Nodes::machines()[0], 'lead@kittiwake.example');

        self::assertChainHolds($lead, DB::table('sign_offs')->where('studio_id', self::studio())->count());
    }

    /**
     * Two steps of each figure of a unit that nobody has begun.
     *
     * @return array<string, Closure(): PromiseInterface> by request key
     */
    private function marks(string $unit, int $row, Visitor $by): array
    {
        $todo = [];
        foreach (array_filter(self::figures($unit, 'to-paint'), static fn (int $figure): bool => DB::table('bench_marks')->where('figure_id', $figure)->doesntExist()) as $figure) {
            foreach (['figure' => 'clean', 'boots' => 'base'] as $area => $use) {
                $key = self::key($row, $figure, $use === 'clean' ? 1 : 2);
                $todo[$key] = static fn (): PromiseInterface => $by->send('POST', '/bench-marks', ['figures' => [['id' => $figure, 'seen' => null]], 'area' => $area, 'use' => $use, 'state' => 'done', 'key' => $key]);
            }
        }

        return $todo;
    }

    /**
     * Sends everything, and lets something die when so many were acknowledged.
     *
     * @param  array<array-key, Closure(): PromiseInterface>  $todo
     * @param  Closure(): void  $die
     * @return list<array-key> what was acknowledged
     */
    private function lost(array $todo, int $many, Closure $die, int $atOnce = 6): array
    {
        $acknowledged = AtOnce::interrupted($todo, $atOnce, $many, $die);
        DB::purge();

        return $acknowledged;
    }

    /** @param  array<string, Closure(): PromiseInterface>  $todo */
    private function assertDoneOnce(array $todo, int $row): void
    {
        foreach ($todo as $key => $send) {
            $response = AtOnce::one($send);
            self::assertSame(200, $response->getStatusCode(), "{$key}: {$response->getBody()}");
        }
        self::assertEqualsCanonicalizing(array_keys($todo), self::stored('bench_marks', $row)->pluck('request_key')->all(), 'each is there once');
    }

    /** @return list<string> request keys of marks as one node of the database has them */
    private static function keysAt(int $node, int $row): array
    {
        $keys = Nodes::database($node)->query(sprintf("SELECT request_key FROM bench_marks WHERE request_key LIKE '00000000-0000-4000-b%03d-%%'", $row));
        assert($keys !== false);

        return array_values(array_filter($keys->fetchAll(\PDO::FETCH_COLUMN), is_string(...)));
    }

    /** @return list<int> ids of the figures that are signed */
    private static function signed(): array
    {
        /** @var list<int> $signed */
        $signed = DB::table('sign_offs')->where('studio_id', self::studio())->pluck('figure_id')->all();

        return $signed;
    }
}
