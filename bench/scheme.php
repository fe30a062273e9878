<?php

declare(strict_types=1);

// Schemes: colour in the core, and a scheme, a key in a ladder, plates and needs through HTTP.
// Run by bench/run, which starts what this needs.

use Core\Colour\ColourDifference;
use Core\Colour\Mix;
use Core\Colour\MixPart;
use Core\Colour\Srgb;

require __DIR__.'/../vendor/autoload.php';
require_once __DIR__.'/client.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();

$from = hrtime(true);
for ($i = 0; $i < 100_000; $i++) {
    ColourDifference::of($i % 100, $i % 180 - 90, $i % 170 - 85, 50, 20, -10);
}
$differences = (hrtime(true) - $from) / 1e6;
$from = hrtime(true);
for ($i = 0; $i < 200; $i++) {
    // Colours that were not mixed before, so that their spectra are made.
    Mix::of([new MixPart(Srgb::fromHex(sprintf('#%06x', $i * 70_001 % 0xFFFFFF)), 1), new MixPart(Srgb::fromHex(sprintf('#%06x', $i * 50_021 % 0xFFFFFF)), 2)]);
}
$mix = (hrtime(true) - $from) / 1e6 / 200;
printf("in the core\n%-28s %8.1f ms\n%-28s %8.1f ms\n\n", '100,000 differences', $differences, 'a mix of two new colours', $mix);

$request = signedInClient('lead@kittiwake.example');
$scheme = json_decode($request('GET', '/api/schemes')[1], true)[0]['id'];
$draft = [
    'area' => 'helmet', 'figure_type' => null, 'uses' => [], 'takes_shared_light' => true, 'turn' => 'none', 'quiet' => false, 'note' => '', 'type' => 'lamplighter', 'tier' => 'guard',
    'rungs' => [
        ['role' => 'base', 'mix' => 'Harbour Slate', 'cover' => 1, 'coats' => 1], ['role' => 'shade', 'mix' => 'Night Tide wash', 'cover' => 0.3, 'coats' => 1],
        ['role' => 'light', 'mix' => 'Weir Blue', 'cover' => 0.5, 'coats' => 1], ['role' => 'light', 'mix' => 'Weir Blue 1 + Gull White 3', 'cover' => 0.3, 'coats' => 1],
    ],
];
$rows = [
    'a scheme' => measured(static fn (): array => $request('GET', "/api/schemes/{$scheme}?type=harbour-master&tier=banner"), 30),
    'a key in a ladder' => measured(static fn (): array => $request('POST', "/api/schemes/{$scheme}/area-previews", $draft), 30),
    'the plates of an area' => measured(static fn (): array => $request('GET', "/api/schemes/{$scheme}/plates?type=lamplighter&area=face"), 30),
    'a proof sheet' => measured(static fn (): array => $request('GET', "/api/schemes/{$scheme}/plates?type=lamplighter"), 20),
    'what running jobs take' => measured(static fn (): array => $request('GET', '/api/paint-needs'), 20),
];
printf("%-28s %9s %9s %9s %8s\n", 'through HTTP', 'min ms', 'median', 'p95', 'kB');
foreach ($rows as $name => $row) {
    printf("%-28s %9.1f %9.1f %9.1f %8.0f\n", $name, $row['min'], $row['median'], $row['p95'], $row['kB']);
}
exit(max(array_column($rows, 'p95')) < 1000 ? 0 : 1);
