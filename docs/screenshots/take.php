<?php

declare(strict_types=1);

// Walks through the demo as its people would and takes a picture of each main view. Run by bin/pictures.

use Tests\Browser\Support\Chrome;
use Tests\Browser\Support\Page;

require __DIR__.'/../../vendor/autoload.php';

$chrome = new Chrome((int) getenv('ORDOTYPE_DRIVER_PORT'));
$page = new Page($chrome->driver(), (string) getenv('APP_URL'));
$take = static function (string $name, int $width = 1280, int $height = 800) use ($chrome, $page): void {
    $chrome->resize($width, $height);
    $page->driver->executeScript('document.activeElement?.blur(); window.scrollTo(0, 0)');
    usleep(500_000);
    // A plate that nobody has seen before is made when it comes into sight.
    $page->await(static fn (): bool => $page->driver->executeScript('return [...document.images].filter((one) => { const { top, bottom } = one.getBoundingClientRect(); return bottom > 0 && top < innerHeight; }).every((one) => one.complete && one.naturalWidth > 0)') === true, 'A picture in sight is not there.');
    file_put_contents(__DIR__."/{$name}.png", $page->driver->takeScreenshot());
    echo "{$name}\n";
    $chrome->resize(1280, 800);
};
$answerAll = static function () use ($page): void {
    $page->see('If it were judged now');
    for ($deeds = 0; $deeds < 80 && ! str_contains($page->text(), 'Everything is answered'); $deeds++) {
        $before = $page->find("//section[@aria-label='Verdict']")->getText();
        $page->key(str_contains($page->find("//*[@class='in-hand-place']")->getText(), 'such at this side') ? 'a' : 'p');
        $page->await(static fn (): bool => $page->find("//section[@aria-label='Verdict']")->getText() !== $before, 'The check does not move.');
    }
};
$sign = static fn (): Page => $page->press('Sign off')->click("//div[@role='dialog']//button[normalize-space(.)='Sign off']")->see('Signed by');

try {
    $chrome->resize(1280, 800);
    $page->signIn('lead@kittiwake.example')->open('/standard?colours=1')->see('Whole figure');
    $page->await(static fn (): bool => $page->count("//img[starts-with(@alt, 'Proof plate')]") > 11, 'The plates are not drawn.');
    $take('standard');
    $page->open('/standard')->see('Whole figure')->key('d')->see('Put in force');
    $draft = $page->path();
    $page->open("{$draft}?panel=cell&of=guard&on=plate")->see('Layers, the top one first');
    $page->click("//div[@class='layer-head']//b[normalize-space(.)='Edge line']/..")->fill('Steps', '2')->fill('Minutes, whole figure of it', '80')->see('2 steps');
    $page->await(static fn (): bool => $page->count("//button[normalize-space(.)='Undo'][not(@disabled)]") === 1, 'The change is not stored.');
    usleep(1_500_000);
    $take('standard-cell');
    $page->open('/standard/1/compare?left=watch&right=guard')->see('PDF for a client');
    usleep(1_000_000);
    $take('compare');
    $page->open('/schemes/1?type=heron-rider&tier=guard&area=riding%20cloak')->see('Steps, in the order');
    usleep(1_500_000);
    $page->driver->executeScript("document.querySelector('.side-body').scrollTop = 0");
    $take('ladders');
    $page->open('/schemes/1/proof?type=lamplighter')->see('oilskin coat');
    usleep(1_000_000);
    $take('proof');
    $page->open('/studio/paints?panel=substitute&of=15')->see('In the place of')->press('Show')->see('instead');
    usleep(1_000_000);
    $take('paints');
    $page->open('/jobs/1')->see('Tide divers');
    $take('job');
    $page->choose('Painter of Harbour master', 'Isla Coade');
    usleep(1_500_000);
    $page->open('/jobs/1/plan')->see('2nd Lamplighters');
    $take('plan');
    $page->open('/jobs/1/quote')->see('To be paid')->fill('Discount on the work, %', '5')->fill('Tax, %', '19')->fill('What the tax is called', 'sales tax')->fill('Terms in words', 'Half is paid before we begin, half before it is sent.')->see('sales tax, 19 %');
    $take('quote', 1280, 1000);
    $page->open('/jobs/1/roster')->see('Paste the list');
    $page->field('Paste the list')->sendKeys("Squad,Model,Qty,Level,Points\nDeck hands,Bosun,4,Gaurd,40\nHarbour cats,Lamplighters,0,Muster,5\n");
    $page->press('Read it')->see('Say what it is')->choose('What Points is', 'left out')->see('Is it Guard?');
    $take('roster');
    $page->open('/studio')->see('Figure types')->see('to paint');
    $take('studio');

    $page->signIn('isla@kittiwake.example')->open('/bench')->see('1st Lamplighters');
    $page->click("//a[contains(., '1st Lamplighters')][contains(., 'Guard')]")->see('step 1 of');
    $page->click("//button[@class='step-title'][starts-with(normalize-space(.), 'All-over wash, face, hands')]");
    $take('bench', 820, 1100);

    $page->signIn('deputy@kittiwake.example')->open('/jobs/1/check/2')->see('Features can be read.');
    $answerAll();
    $sign();
    $take('certificate', 1280, 1100);

    $page->open('/jobs/1/check/3')->see('Features can be read.')->key('a');
    $page->take('oilskin coat')->key('l')->press('Overspill')->press('2 mm')->press('Note the flaw')->see('Overspill');
    $page->take('lamp glass')->key('l')->press('Stray dot')->press('0.5 mm')->press('Note the flaw')->see('Stray dot');
    $page->take('boots')->key('l')->press('Missed patch')->press('1 mm')->press('Note the flaw')->see('Missed patch on boots');
    $page->take('lamp cage');
    $take('check');
    $take('check-tablet', 820, 1100);
    $page->take('trousers')->key('l')->press('Broken or loose part')->press('Note the flaw')->see('Rework')->press('Send back')->see('Handed over; what comes back mended first');

    $page->signIn('isla@kittiwake.example')->press('1st Lamplighters, figure 3')->see('sent back by');
    $take('mend', 820, 1100);

    $page->signIn('lead@kittiwake.example');
    $take('today');
    $page->open('/records')->see('The chain holds');
    $take('records');
    $page->open('/records/1/raise')->see('Added, in this order');
    $take('raise');
} finally {
    $chrome->stop();
}
