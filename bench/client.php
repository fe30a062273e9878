<?php

declare(strict_types=1);

// A signed-in client of the application that is measured. Required by the benchmarks.

/** @return Closure(string, string, array<string, mixed>|null=): array{float, string, array{queries: int, memory: int}} milliseconds, the answer, and what the server says that it took */
function signedInClient(string $email): Closure
{
    $address = (string) getenv('APP_URL');
    $jar = (string) tempnam(sys_get_temp_dir(), 'bench');
    register_shutdown_function(static fn () => unlink($jar));
    $curl = curl_init();
    $timing = '';
    curl_setopt($curl, CURLOPT_HEADERFUNCTION, static function ($curl, string $line) use (&$timing): int {
        $timing = stripos($line, 'Server-Timing:') === 0 ? $line : $timing;

        return strlen($line);
    });
    $request = static function (string $method, string $path, ?array $body = null) use ($curl, $address, $jar, &$timing): array {
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

        $said = static fn (string $name): int => preg_match("/{$name};dur=(\d+)/", $timing, $m) === 1 ? (int) $m[1] : 0;

        return [curl_getinfo($curl, CURLINFO_TOTAL_TIME) * 1000, $answer, ['queries' => $said('queries'), 'memory' => $said('memory')]];
    };
    $request('GET', '/sanctum/csrf-cookie');
    $request('POST', '/api/session', ['email' => $email, 'password' => Database\Seeders\DemoSeeder::password()]);

    return $request;
}

/**
 * @param  callable(): array{float, string, array{queries: int, memory: int}}  $request
 * @return array{min: float, median: float, p95: float, kB: float, queries: int, MB: float}
 */
function measured(callable $request, int $times): array
{
    $request();

    return middle(array_map(static fn (): array => $request(), range(1, $times)));
}

/**
 * @param  non-empty-list<array{float, string, array{queries: int, memory: int}}>  $answers
 * @return array{min: float, median: float, p95: float, kB: float, queries: int, MB: float}
 */
function middle(array $answers): array
{
    $taken = [];
    $size = $queries = $memory = 0;
    foreach ($answers as [$taken[], $answer, $said]) {
        [$queries, $memory] = [max($queries, $said['queries']), max($memory, $said['memory'])];
        $size = strlen($answer);
    }
    sort($taken);
    $times = count($taken);

    return ['min' => $taken[0], 'median' => $taken[intdiv($times, 2)], 'p95' => $taken[max(0, (int) ($times * 0.95) - 1)], 'kB' => $size / 1024, 'queries' => $queries, 'MB' => $memory / (1 << 20)];
}
