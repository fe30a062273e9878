<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\Support\Picture;

/** Each main view: nothing coloured outside the paints, nothing serious for axe, no sideways scrolling of the page. */
final class ViewsTest extends BrowserTestCase
{
    /** @return iterable<string, array{string, string, string, int}> login, path, words to wait for, width */
    public static function views(): iterable
    {
        yield 'the door' => ['', '/sign-in', 'Write the standard once', 1280];
        yield 'today of the lead' => ['lead', '/', 'Jobs under way', 1280];
        yield 'today of a painter' => ['isla', '/', 'At the bench', 1280];
        yield 'the standard' => ['lead', '/standard', 'Whole figure', 1280];
        yield 'what each tier adds' => ['lead', '/standard?show=adds', 'Whole figure', 1280];
        yield 'jobs' => ['lead', '/jobs', 'Harbour guard of Port Ember', 1280];
        yield 'a job' => ['lead', '/jobs/1', 'Tide divers', 1280];
        yield 'its roster' => ['lead', '/jobs/1/roster', 'Paste the list', 1280];
        yield 'the bench' => ['isla', '/bench', '1st Lamplighters', 1280];
        yield 'a bench sheet' => ['isla', ':sheet', 'Judged by', 820];
        yield 'what waits to be checked' => ['deputy', '/check', 'painted by Isla Coade', 1280];
        yield 'a check at the desk' => ['deputy', '/jobs/1/check/2', 'Features can be read.', 1280];
        yield 'a check on a tablet' => ['deputy', '/jobs/1/check/2', 'Features can be read.', 820];
        yield 'a figure that was not sent back' => ['isla', '/jobs/1/mend/9', 'nothing to mend', 820];
        yield 'records' => ['lead', '/records', 'The chain holds', 1280];
        yield 'the studio' => ['lead', '/studio', 'Figure types', 1280];
        yield 'an address that leads nowhere' => ['lead', '/nowhere', 'leads nowhere', 1280];
        yield 'a bench sheet on a phone' => ['isla', ':sheet', '1st Lamplighters', 390];
    }

    #[DataProvider('views')]
    public function test_view(string $who, string $path, string $words, int $width): void
    {
        $this->width($width, $width === 1280 ? 800 : 1100);
        $who === '' ? $this->page->driver->manage()->deleteAllCookies() : $this->page->signIn(($who === 'isla' ? 'isla' : $who).'@kittiwake.example');
        if ($path === ':sheet') {
            $this->page->open('/bench')->click("//a[contains(., '1st Lamplighters')][contains(., 'Muster')]")->press('Base coat, face');
        } else {
            $this->page->open($path);
        }
        $this->page->see($words);

        $this->assertAccessible($words);
        self::assertSame([], Picture::colouredOutsidePaint($this->page->driver));
        $wide = $this->page->driver->executeScript('return document.documentElement.scrollWidth - document.documentElement.clientWidth');
        self::assertSame(0, $wide, 'the page scrolls sideways');
    }
}
