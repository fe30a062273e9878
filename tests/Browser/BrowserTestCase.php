<?php

declare(strict_types=1);

namespace Tests\Browser;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Axe;
use Tests\Browser\Support\Chrome;
use Tests\Browser\Support\Page;

/** One Chromium for all journeys; each class of them begins on a demo loaded anew. */
abstract class BrowserTestCase extends TestCase
{
    private static ?Chrome $chrome = null;

    protected Page $page;

    public static function setUpBeforeClass(): void
    {
        // Heads of chains that are no more would accuse the one that begins now.
        foreach (['secret.key', 'public-keys.json', 'heads.jsonl'] as $name) {
            $file = self::setting('RECORDS_FOLDER')."/{$name}";
            is_file($file) && unlink($file);
        }
        self::application();
        $kernel = self::application()->make(Kernel::class);
        $kernel->call('migrate:fresh', ['--force' => true, '--seed' => true]);
    }

    protected function setUp(): void
    {
        if (self::$chrome === null) {
            self::$chrome = new Chrome((int) self::setting('ORDOTYPE_DRIVER_PORT'));
            register_shutdown_function(static fn () => self::$chrome?->stop());
        }
        $this->page = new Page(self::$chrome->driver(), self::setting('ORDOTYPE_BROWSER_ADDRESS'));
        self::$chrome->resize(1280, 800);
    }

    protected function chrome(): Chrome
    {
        return self::$chrome ?? self::fail('No browser was started.');
    }

    protected function width(int $width, int $height): void
    {
        self::$chrome?->resize($width, $height);
    }

    /** A picture of the page as PNG, and nothing of a serious kind that axe finds on it. */
    protected function assertAccessible(string $place): void
    {
        self::assertSame([], Axe::seriousFindings($this->page->driver), $place);
    }

    /** By key: what is asked one by one holds, then the side is passed, until every side is. */
    protected function passEverything(): void
    {
        $page = $this->page->see('If it were judged now');
        for ($deeds = 0; $deeds < 60 && ! str_contains($page->text(), 'Everything is answered'); $deeds++) {
            $before = $page->find("//section[@aria-label='Verdict']")->getText();
            $page->key($page->count("//*[@aria-label='Answer']") > 0 && str_contains($page->find("//*[@class='in-hand-place']")->getText(), 'such at this side') ? 'a' : 'p');
            $page->await(static fn (): bool => $page->find("//section[@aria-label='Verdict']")->getText() !== $before, 'The check does not move.');
        }
    }

    /** Straight to the database, for what no page does. */
    protected static function database(): \Illuminate\Database\Connection
    {
        self::application();

        return DB::connection();
    }

    private static function application(): Application
    {
        static $application = null;
        if (! $application instanceof Application) {
            /** @var Application $application */
            $application = require __DIR__.'/../../bootstrap/app.php';
            $application->make(Kernel::class)->bootstrap();
        }

        return $application;
    }

    private static function setting(string $name): string
    {
        $value = getenv($name);

        return is_string($value) && $value !== '' ? $value : self::fail("{$name} is not set; run ./bin/test browser, which starts what these tests need.");
    }
}
