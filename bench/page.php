<?php

declare(strict_types=1);

// The page of a job with 500 figures of twenty areas in 31 units, in a browser without a graphics card: when the first rows can be pressed,
// and how long it takes until the totals are repainted after the tier of 200 figures was changed. Run by bench/run.

use App\Actions\FigureTypes\StoreFigureType;
use App\Actions\Jobs\CreateJob;
use App\Actions\Jobs\TakeRoster;
use App\Import\GivenRoster;
use App\Models\CurrentStudio;
use App\Models\User;
use Core\Composition\SizeClass;
use Core\Listing\AreaWeight;
use Core\Listing\ListedArea;
use Core\Listing\ListedFigureType;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Tests\Browser\Support\Chrome;
use Tests\Browser\Support\Page;

require __DIR__.'/../vendor/autoload.php';

/** @var Application $app */
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$lead = User::query()->where('email', 'lead@kittiwake.example')->firstOrFail();
$app->make(CurrentStudio::class)->enter($lead->studio_id);

$surfaces = ['cloth', 'leather', 'plate', 'metal', 'skin'];
$areas = array_map(static fn (int $at): ListedArea => new ListedArea("area {$at}", $surfaces[$at % 5], AreaWeight::Medium), range(1, 20));
$app->make(StoreFigureType::class)->handle(ListedFigureType::make('Twenty areas', SizeClass::Foot, $areas));
$job = $app->make(CreateJob::class)->handle('Five hundred', 'Nobody', 'Harbour guard', null, null)->refresh();
$tiers = ['Muster', 'Watch', 'Guard', 'Banner'];
$units = array_map(static fn (int $at): string => "Unit {$at},Twenty areas,10,{$tiers[$at % 4]},1,Banner", range(1, 30));
$app->make(TakeRoster::class)->handle($job, new GivenRoster("unit,figure_type,count,tier,leader_count,leader_tier\nBig,Twenty areas,200,Muster,1,Guard\n".implode("\n", $units)));

$chrome = new Chrome((int) getenv('ORDOTYPE_DRIVER_PORT'));
$page = new Page($chrome->driver(), (string) getenv('APP_URL'));
$milliseconds = static function (string $script) use ($page): int {
    for ($tries = 0; $tries < 200; $tries++) {
        $found = $page->driver->executeScript($script);
        if (is_numeric($found) && $found > 0) {
            return (int) round((float) $found);
        }
        usleep(40_000);
    }
    throw new RuntimeException('It does not come.');
};

try {
    $chrome->resize(1280, 800);
    $page->signIn($lead->email);
    $opened = $changed = [];
    foreach ([...$tiers, ...$tiers] as $tier) {
        $page->driver->get(getenv('APP_URL')."/jobs/{$job->id}");
        $opened[] = $milliseconds("return document.querySelectorAll('.grid-name').length > 10 ? performance.now() : 0");
        $milliseconds("return document.querySelectorAll('.grid-name').length > 50 ? 1 : 0");
        $page->unfold('Tier of Big');
        $page->driver->executeScript(<<<'JS'
            window.began = window.ended = 0;
            const before = document.querySelector('.totals').innerText;
            document.addEventListener('click', () => { window.began = performance.now(); }, { capture: true, once: true });
            new MutationObserver(() => {
                if (window.ended === 0 && document.querySelector('.totals').innerText !== before) {
                    requestAnimationFrame(() => setTimeout(() => { window.ended = performance.now(); }));
                }
            }).observe(document.body, { subtree: true, childList: true, characterData: true });
            JS);
        $page->click("//*[contains(@class, 'ant-select-item-option')][normalize-space(.)='{$tier}']");
        // The first is the tier that they are at already.
        $changed[] = $tier === $tiers[0] && $changed === [] ? 0 : $milliseconds('return window.ended - window.began');
    }
} finally {
    $chrome->stop();
}
$changed = array_values(array_filter($changed));
sort($opened);
sort($changed);
printf("%-44s %9s %9s %9s\n", '500 figures of 20 areas, ms', 'min', 'median', 'most');
$slow = false;
foreach ([['until rows can be pressed', $opened, 1000], ['a tier on 200 figures, repainted', $changed, 500]] as [$what, $times, $most]) {
    $median = $times[intdiv(count($times), 2)];
    printf("%-44s %9d %9d %9d\n", $what, $times[0], $median, $times[count($times) - 1]);
    $slow = $slow || $median > $most;
}
echo $slow ? "MORE than a second, or half a second for the change.\n" : "Within a second, and half a second for the change.\n";
exit($slow ? 1 : 0);
