<?php

declare(strict_types=1);

// The standard: lint of a large one in the core, and the sheet, a draft and a keystroke through HTTP.
// Run by bench/run, which starts what this needs.

use Core\Lint\Lint;
use Core\Plate\Draughtsman;
use Core\Plate\Palette;
use Core\Plate\PlateMaker;
use Core\Standard\Standard;
use Document\Standard\StandardReader;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/client.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();

/** Ten tiers by thirty surfaces, each cell with six uses and four criteria, each tier a little more than the one below. */
function large(): Standard
{
    $ids = static fn (string $of, int $number): array => array_map(static fn (int $i): string => "{$of} {$i}", range(1, $number));
    $techniques = array_map(static fn (string $id): array => ['id' => $id, 'name' => $id, 'group' => 'light', 'opacity' => 'semi', 'lies_on' => 'face', 'replaces' => ['base']], $ids('light', 40));
    $requirements = [];
    foreach ($ids('tier', 10) as $rank => $tier) {
        foreach ($ids('surface', 30) as $surface) {
            $uses = array_map(static fn (int $i): array => ['technique' => "light {$i}", 'steps' => $rank + 1, 'minutes' => 5 * ($rank + 1)], range(1, 5));
            $criteria = array_map(static fn (int $i): array => ['id' => "c {$i}", 'text' => 'It is so.', 'severity' => 'minor', 'uses' => ["light {$i}"], 'size_mm' => 0.3], range(1, 4));
            $requirements[] = ['tier' => $tier, 'surface' => $surface, 'uses' => [['technique' => 'base', 'coats' => 2, 'minutes' => 12], ...$uses], 'criteria' => $criteria];
        }
    }

    return StandardReader::ofSound()->read([
        'format' => 'ordotype-standard/1', 'name' => 'Large', 'version' => '1',
        'surfaces' => array_map(static fn (string $id): array => ['id' => $id, 'name' => $id], $ids('surface', 30)),
        'techniques' => [['id' => 'base', 'name' => 'Base', 'group' => 'lay-in', 'opacity' => 'opaque'], ...$techniques],
        'tiers' => array_map(static fn (string $id, int $rank): array => [
            'id' => $id, 'name' => $id, 'rank' => $rank, 'distance_mm' => 1000 - 50 * $rank, 'sides' => ['front'], 'look_minutes' => 9, 'limits' => ['critical' => 0, 'major' => 1, 'minor' => 3],
            'colour_tolerance' => 5, 'budget_minutes' => 500, 'by_agreement' => false, 'retired' => false,
        ], $ids('tier', 10), range(1, 10)),
        'requirements' => $requirements,
    ]);
}

$timed = static function (callable $work): float {
    $work();
    $times = [];
    for ($i = 0; $i < 20; $i++) {
        $from = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $from) / 1e6;
    }
    sort($times);

    return $times[10];
};
$large = large();
$inUse = array_column($large->surfaces, 'id');
$lint = $timed(static fn (): array => [(new Lint(inUse: $inUse))->read($large), (new Lint(inUse: $inUse))->advise($large)]);
$plates = $timed(static function () use ($large): void {
    foreach ($large->requirements as $requirement) {
        (new Draughtsman)->draw((new PlateMaker($large))->make($requirement->uses, Palette::neutral()), $large->surface($requirement->surface)->drawnAs());
    }
});
printf("in the core, 10 tiers × 30 surfaces, median of 20\n%-28s %8.1f ms\n%-28s %8.1f ms\n\n", 'lint and advice', $lint, '300 plates drawn', $plates);

$request = signedInClient('lead@kittiwake.example');
$inForce = json_decode($request('GET', '/api/standards')[1], true)[0]['id'];
$draft = json_decode($request('POST', '/api/standards', ['from' => $inForce])[1], true)['id'];
$cell = ['tier' => 'guard', 'surface' => 'cloth', 'uses' => [['technique' => 'base', 'coats' => 2, 'minutes' => 14], ['technique' => 'layer', 'steps' => 2, 'minutes' => 40]], 'criteria' => [['id' => 'lit', 'text' => 'Lit.', 'severity' => 'minor']]];
$keystroke = static function () use ($request, $draft, &$cell): array {
    $cell['uses'][1]['minutes']++;

    return $request('POST', "/api/standards/{$draft}/previews", ['changes' => [['kind' => 'cell', 'id' => 'guard', 'surface' => 'cloth', 'revision' => 1, 'value' => $cell]]]);
};
$rows = [
    'the sheet' => measured(static fn (): array => $request('GET', "/api/standards/{$inForce}"), 40),
    'the plates of a surface' => measured(static fn (): array => $request('GET', "/api/standards/{$inForce}/plates?surface=plate"), 40),
    'a draft to write' => measured(static fn (): array => $request('GET', "/api/standards/{$draft}/draft"), 40),
    'a keystroke in a cell' => measured($keystroke, 40),
];
printf("%-28s %9s %9s %9s %8s\n", 'through HTTP, 40 requests', 'min ms', 'median', 'p95', 'kB');
foreach ($rows as $name => $row) {
    printf("%-28s %9.1f %9.1f %9.1f %8.0f\n", $name, $row['min'], $row['median'], $row['p95'], $row['kB']);
}
$request('DELETE', "/api/standards/{$draft}");
exit($lint < 100 && $rows['a keystroke in a cell']['median'] < 100 && $rows['the sheet']['p95'] < 1000 ? 0 : 1);
