<?php

declare(strict_types=1);

// How long the bench list waits while the worker makes proofs of all figure types of a scheme, whose plates nobody has seen yet.
// Run by bench/run, which starts what this needs.

require __DIR__.'/../vendor/autoload.php';
require_once __DIR__.'/client.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();

$request = signedInClient('lead@kittiwake.example');
$read = static fn (string $path): array => json_decode($request('GET', $path)[1], true);
$scheme = $read('/api/schemes')[0]['id'];
$types = array_column($read("/api/schemes/{$scheme}")['types'], 'key');
$light = static fn (): array => $request('GET', '/api/bench-sheets');
$alone = measured($light, 20);

$began = microtime(true);
$papers = array_map(static fn (string $type): array => json_decode($request('POST', "/api/schemes/{$scheme}/proof-sheet", ['type' => $type])[1], true), $types);
$taken = [];
do {
    $taken[] = $light()[0];
    $states = array_map(static fn (array $paper): string => $read("/api/papers/{$paper['id']}")['state'], $papers);
} while (array_intersect($states, ['waiting', 'drawing']) !== []);
$cold = (microtime(true) - $began) * 1000;
$warm = measured(static function () use ($request, $read, $scheme, $types): array {
    $began = microtime(true);
    $paper = json_decode($request('POST', "/api/schemes/{$scheme}/proof-sheet", ['type' => $types[0]])[1], true);
    while (in_array($paper['state'], ['waiting', 'drawing'], true)) {
        usleep(50_000);
        $paper = $read("/api/papers/{$paper['id']}");
    }

    return [(microtime(true) - $began) * 1000, '', ['queries' => 0, 'memory' => 0]];
}, 5);
sort($taken);
$p95 = $taken[max(0, (int) (count($taken) * 0.95) - 1)];

printf("%-44s %9.0f ms, %s\n", count($papers).' proofs, none of their plates drawn', $cold, implode(' ', array_unique($states)));
printf("%-44s %9.0f ms median\n", 'a proof that was made before', $warm['median']);
printf("%-44s %9.0f ms median\n", 'the bench list, nothing beside it', $alone['median']);
printf("%-44s %9.0f ms median, %.0f ms 95 of 100, of %d\n", 'the bench list, while they are made', $taken[intdiv(count($taken), 2)], $p95, count($taken));
$quick = $p95 < 1000 && $warm['median'] < 1000 && array_unique($states) === ['made'];
echo $quick ? "It answers within a second all the while, and a proof that was made before is there within one.\n" : "That is MORE than a second, or a proof was not made.\n";
exit($quick ? 0 : 1);
