<?php

declare(strict_types=1);

// The assignment grid with 55 and with 550 figures: number of queries, time, and the ratio to a bare
// JSON route of the same application. Run by bench/run, which starts what this needs.

use App\Http\Jobs\ShowGrid;
use App\Http\Shared\AnybodyRequest;
use App\Models\CurrentStudio;
use App\Models\Job;
use App\Models\Unit;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/client.php';

/** @var Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

const TIMES = 40;

$lead = User::query()->where('email', 'lead@kittiwake.example')->firstOrFail();
$app->make(CurrentStudio::class)->enter($lead->studio_id);

[$header, $lines] = explode("\n", trim((string) file_get_contents(database_path('demo/port-ember-roster.csv'))), 2);
$copies = array_map(static fn (int $i): string => (string) preg_replace('/^/m', "{$i} ", $lines), range(1, 10));
$many = $app->make(App\Actions\Jobs\CreateJob::class)->handle('Ten harbour guards', 'Nobody', 'Harbour guard', null, null)->refresh();
$app->make(App\Actions\Jobs\TakeRoster::class)->handle($many, new App\Import\GivenRoster("{$header}\n".implode("\n", $copies)));
// The same relations have rows in both jobs, so that both load the same.
foreach (Unit::query()->where('job_id', $many->id)->with('job')->limit(2)->get() as $unit) {
    $unit->update(['painter_id' => $lead->id]);
    $app->make(App\Actions\Jobs\VaryArea::class)->waive(new App\Actions\Jobs\VariedPlace($unit, null, 'face', $unit->version), 'wash', new App\Actions\Jobs\Terms('agreed', '', $lead));
}
$few = Job::query()->where('id', '<>', $many->id)->firstOrFail();

$queries = static function (Job $job) use ($app): int {
    $app->forgetScopedInstances();
    $app->make(CurrentStudio::class)->enter($job->studio_id);
    DB::flushQueryLog();
    DB::enableQueryLog();
    $app->make(ShowGrid::class)(new AnybodyRequest, $job)->toArray();

    return count(DB::getQueryLog());
};

$request = signedInClient($lead->email);
$measure = static fn (string $path): array => measured(static fn (): array => $request('GET', $path), TIMES);

$bare = $measure('/api/ping');
$rows = [
    ['bare JSON route', null, $bare],
    ['grid, 55 figures', $queries($few), $measure("/api/jobs/{$few->id}/figures")],
    ['grid, 550 figures', $queries($many), $measure("/api/jobs/{$many->id}/figures")],
];
printf("%-20s %8s %9s %9s %9s %8s %8s\n", sprintf('%d requests each', TIMES), 'queries', 'min ms', 'median', 'p95', 'kB', 'ratio');
foreach ($rows as [$name, $count, $row]) {
    printf("%-20s %8s %9.1f %9.1f %9.1f %8.0f %8.1f\n", $name, $count ?? '', $row['min'], $row['median'], $row['p95'], $row['kB'], $row['median'] / $bare['median']);
}

$same = $rows[1][1] === $rows[2][1];
$quick = $rows[2][2]['p95'] < 1000;
echo $same ? "The number of queries is the same.\n" : "The number of queries DIFFERS.\n";
echo $quick ? "550 figures answer within a second.\n" : "550 figures take MORE than a second.\n";
exit($same && $quick ? 0 : 1);
