<?php

declare(strict_types=1);

namespace Tests\Cluster;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Database\Query\Builder;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Asks;

/** Against the cluster that `bin/cluster test` started, with the demo as it was loaded when the first of these tests began. */
abstract class ClusterTestCase extends TestCase
{
    private static ?Application $application = null;

    public static function setUpBeforeClass(): void
    {
        if (self::$application === null) {
            /** @var Application $application */
            $application = require __DIR__.'/../../bootstrap/app.php';
            $application->make(Kernel::class)->bootstrap();
            self::$application = $application;
        }
        DB::purge();
    }

    /** @return list<int> ids of the figures of a unit that are in this state, by number */
    protected static function figures(string $unit, string $state): array
    {
        /** @var list<int> $ids */
        $ids = DB::table('figures')->join('units', 'units.id', '=', 'figures.unit_id')->where('units.name', $unit)->where('figures.state', $state)->orderBy('figures.number')->pluck('figures.id')->all();

        return $ids;
    }

    /** Several nodes give each its own ids, so the first studio is not number one. */
    protected static function studio(): int
    {
        $studio = DB::table('studios')->where('name', 'Kittiwake Row')->value('id');
        self::assertIsInt($studio);

        return $studio;
    }

    /** Every step of every figure of a unit is marked as done, and nothing is handed over. */
    protected static function painted(Asks $painter, string $unit): void
    {
        $id = DB::table('units')->where('name', $unit)->value('id');
        self::assertIsInt($id);
        /** @var list<array{key: string, job_id: int}> $sheets */
        $sheets = $painter->ask('GET', "/bench-sheets?unit={$id}")['rows'];
        foreach ($sheets as $row) {
            /** @var array{steps: list<array{area: string, use: string, figures: list<int>, marks: list<array{id: int, figure_id: int}>}>} $sheet */
            $sheet = $painter->ask('GET', "/jobs/{$row['job_id']}/bench-sheets/{$row['key']}");
            foreach ($sheet['steps'] as $step) {
                $todo = array_values(array_diff($step['figures'], array_column($step['marks'], 'figure_id')));
                $answer = $todo === [] ? [] : $painter->ask('POST', '/bench-marks', ['figures' => array_map(static fn (int $figure): array => ['id' => $figure, 'seen' => null], $todo), 'area' => $step['area'], 'use' => $step['use'], 'state' => 'done', 'reason' => null]);
                self::assertArrayNotHasKey('error', $answer, (string) json_encode($answer));
            }
        }
    }

    /** A request key of its own, told by two numbers. */
    protected static function key(int $row, int $of, int $at): string
    {
        return sprintf('00000000-0000-4000-b%03d-%06d%06d', $row, $of, $at);
    }

    /** @return Builder what was stored under such a key */
    protected static function stored(string $table, int $row): Builder
    {
        return DB::table($table)->where('request_key', 'like', sprintf('00000000-0000-4000-b%03d-%%', $row));
    }

    /** The whole chain, read again by a worker. */
    protected static function assertChainHolds(Asks $lead, int $records): void
    {
        $chain = $lead->ask('POST', '/chain/verifications', ['whole' => true]);
        $until = microtime(true) + 120;
        while (is_array($chain['run'] ?? null) && microtime(true) < $until) {
            usleep(200_000);
            $chain = $lead->ask('GET', '/chain');
        }
        self::assertSame([[], $records, $records, null], [$chain['faults'] ?? null, $chain['records'] ?? null, $chain['verified'] ?? null, $chain['run'] ?? null]);
        self::assertSame(array_slice(range(0, $records), 1), DB::table('sign_offs')->where('studio_id', self::studio())->orderBy('number')->pluck('number')->all());
    }
}
