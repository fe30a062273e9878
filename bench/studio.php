<?php

declare(strict_types=1);

// What a studio waits for at three sizes: the demo; ten jobs of 200 figures; fifty jobs and 10,000 sealed records. Of each
// read and write the time, the ratio to a bare route, the queries of the whole request and its memory, against what is aimed at. Run
// by bench/run, which starts what this needs.

use App\Models\CurrentStudio;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;

require __DIR__.'/../vendor/autoload.php';
require_once __DIR__.'/client.php';
require __DIR__.'/large.php';
require __DIR__.'/writes.php';

/** @var Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

const TIMES_EACH = 9;

/** Most times a bare route, most milliseconds, most queries: of what is looked at all day, and of what goes through all open work. */
const DAILY = [4.0, 300.0, 40];
const ALL_WORK = [10.0, 300.0, 40];

/** Of what is written of many figures at once: most milliseconds. */
const WRITES = ['200 figures marked' => 300.0, '200 figures handed over' => 300.0, '1,000 figures assigned' => 500.0];

const WRITES_EACH = 4;
const MOST_MEMORY = 64.0;

$lead = User::query()->where('email', 'lead@kittiwake.example')->firstOrFail();
$app->make(CurrentStudio::class)->enter($lead->studio_id);
$large = new LargeStudio($app, $lead);

$reads = static function (LargeStudio $large): array {
    $job = $large->job();
    $unit = $large->unit($job);

    return [
        ['Today', '/api/today', DAILY],
        ['jobs', '/api/jobs', DAILY],
        ['checks', '/api/checks', DAILY],
        ['records', '/api/sign-offs', DAILY],
        ['records found by a client', '/api/sign-offs?find=harbour', DAILY],
        ['weeks of records', '/api/signed-weeks', DAILY],
        ['anything found', '/api/found?words=lamp', DAILY],
        ['grid of 200', "/api/jobs/{$job}/figures", DAILY],
        ['one sheet', '/api/jobs/'.$job.'/bench-sheets/'.$large->sheet($unit), DAILY],
        ['one check', '/api/checks/'.$large->check(), DAILY],
        ['one scheme', '/api/schemes/'.$large->scheme(), DAILY],
        ['the standard', '/api/standards/'.$large->standard(), DAILY],
        ['bench list', '/api/bench-sheets', ALL_WORK],
        ['paint needs', '/api/paint-needs', ALL_WORK],
        ['plan of the studio', '/api/plan', ALL_WORK],
    ];
};

$missed = 0;
/** @param  array{median: float, queries: int, MB: float, kB: float}  $row */
$print = static function (string $name, array $row, float $bare, array $misses): void {
    printf("%-28s %9.0f %7.1f %8d %6.0f %8.0f  %s\n", $name, $row['median'], $row['median'] / $bare, $row['queries'], $row['MB'], $row['kB'], $misses === [] ? '' : 'misses '.implode(', ', $misses));
};

$measure = static function (string $size) use ($app, $lead, $large, $reads, $print, &$missed): void {
    $request = signedInClient($lead->email);
    $bare = measured(static fn (): array => $request('GET', '/api/ping'), 40);
    printf("\n%s: %s; a bare route takes %.1f ms\n", $size, $large->inWords(), $bare['median']);
    printf("%-28s %9s %7s %8s %6s %8s\n", '', 'median ms', 'ratio', 'queries', 'MB', 'kB');
    foreach ($reads($large) as [$name, $path, [$ratio, $ms, $queries]]) {
        $row = measured(static fn (): array => $request('GET', $path), TIMES_EACH);
        $misses = array_keys(array_filter([
            'ratio' => $row['median'] > $ratio * $bare['median'], 'time' => $row['median'] > $ms, 'queries' => $row['queries'] > $queries, 'memory' => $row['MB'] > MOST_MEMORY,
        ]));
        $missed += count($misses);
        $print($name, $row, $bare['median'], $misses);
    }
    foreach ((new ManyWritten($app, $request))->measured(WRITES_EACH) as $name => $answers) {
        $row = middle($answers);
        $misses = array_keys(array_filter(['time' => $row['median'] > WRITES[$name], 'memory' => $row['MB'] > MOST_MEMORY]));
        $missed += count($misses);
        $print($name, $row, $bare['median'], $misses);
    }
};

$measure('The demo');
if (getenv('DEMO_ONLY') !== '1') {
    $large->jobs(10);
    $measure('Ten jobs');
    $large->jobs(50);
    $large->records((int) (getenv('RECORDS') ?: 10_000));
    $measure('Fifty jobs');
}
echo $missed === 0 ? "\nEverything is as it is aimed at.\n" : "\n{$missed} targets are missed.\n";
exit($missed === 0 ? 0 : 1);
