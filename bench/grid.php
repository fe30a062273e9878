<?php

declare(strict_types=1);

// The assignment grid with 55 and with 550 figures: number of queries, time, and the ratio to a bare
// JSON route of the same application. Run by bench/run, which starts what this needs.

use App\Http\Controllers\ShowGrid;
use App\Http\Requests\AnybodyRequest;
use App\Models\CurrentStudio;
use App\Models\Job;
use App\Models\Unit;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;

require __DIR__.'/../vendor/autoload.php';

/** @var Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

const TIMES = 40;

$lead = User::query()->where('email', 'lead@kittiwake.example')->firstOrFail();
$app->make(CurrentStudio::class)->enter($lead->studio_id);

[$header, $lines] = explode("\n", trim((string) file_get_contents(database_path('demo/port-ember-roster.csv'))), 2);
$copies = array_map(static fn (int $i): string => (string) preg_replace('/^/m', "{$i} ", $lines), range(1, 10));
$many = $app->make(App\Actions\Jobs\CreateJob::class)->handle('Ten harbour guards', 'Nobody', 'Harbour guard', null, null)->refresh();
$app->make(App\Actions\Jobs\TakeRoster::class)->handle($many, "{$header}\n".implode("\n", $copies));
// The same relations have rows in both jobs, so that both load the same.
foreach (Unit::query()->where('job_id', $many->id)->with('job')->limit(2)->get() as $unit) {
    $unit->update(['painter_id' => $lead->id]);
    $app->make(App\Actions\Jobs\VaryArea::class)->waive($unit, null, 'face', 'wash', 'agreed', '', $lead, $unit->version);
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

$address = (string) getenv('APP_URL');
$jar = tempnam(sys_get_temp_dir(), 'bench');
$curl = curl_init();
$request = static function (string $method, string $path, ?array $body = null) use ($curl, $address, $jar): array {
    $token = '';
    foreach (curl_getinfo($curl, CURLINFO_COOKIELIST) ?: [] as $cookie) {
        $fields = explode("\t", $cookie);
        $token = ($fields[5] ?? '') === 'XSRF-TOKEN' ? urldecode($fields[6]) : $token;
    }
    curl_setopt_array($curl, [
        CURLOPT_URL => $address.$path, CURLOPT_CUSTOMREQUEST => $method, CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => $jar, CURLOPT_COOKIEJAR => $jar, CURLOPT_ENCODING => '',
        CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', "Origin: {$address}", "Referer: {$address}/", "X-XSRF-TOKEN: {$token}"],
        CURLOPT_POSTFIELDS => $body === null ? '' : json_encode($body),
    ]);
    $answer = (string) curl_exec($curl);
    $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
    if ($status >= 300) {
        fwrite(STDERR, "{$method} {$path}: {$status} {$answer}\n");
        exit(1);
    }

    return [curl_getinfo($curl, CURLINFO_TOTAL_TIME) * 1000, strlen($answer)];
};
$request('GET', '/sanctum/csrf-cookie');
$request('POST', '/api/session', ['email' => $lead->email, 'password' => Database\Seeders\DemoSeeder::password()]);

$measure = static function (string $path) use ($request): array {
    $request('GET', $path);
    $times = [];
    $size = 0;
    for ($i = 0; $i < TIMES; $i++) {
        [$times[], $size] = $request('GET', $path);
    }
    sort($times);

    return ['min' => $times[0], 'median' => $times[intdiv(TIMES, 2)], 'p95' => $times[(int) (TIMES * 0.95) - 1], 'kB' => $size / 1024];
};

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
unlink($jar);

$same = $rows[1][1] === $rows[2][1];
$quick = $rows[2][2]['p95'] < 1000;
echo $same ? "The number of queries is the same.\n" : "The number of queries DIFFERS.\n";
echo $quick ? "550 figures answer within a second.\n" : "550 figures take MORE than a second.\n";
exit($same && $quick ? 0 : 1);
