<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\BenchMark;

/** What is typed is neither misread nor lost. */
final class TypedTest extends BrowserTestCase
{
    protected function tearDown(): void
    {
        $this->chrome()->speak('');
        $this->chrome()->cutOff([]);
    }

    public function test_a_number_is_read_alike_in_a_german_browser(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example');
        $this->chrome()->speak('de-DE');
        $page->open('/studio/paints');
        self::assertSame('2,5', $page->driver->executeScript('return (2.5).toLocaleString()'), 'the browser is a German one');
        $stored = static fn (): mixed => self::database()->table('paints')->where('name', 'Signal Red')->value('stock_ml');
        foreach (['2,5' => 2.5, '2.25' => 2.25, "1\u{202F}200,5" => 1200.5] as $typed => $meant) {
            $page->press('Signal Red')->see('A pot holds, ml')->fill('Left, ml', (string) $typed)->press('Keep')->dontSee('A pot holds, ml');
            self::assertEqualsWithDelta($meant, $stored(), 1e-9, (string) $typed);
        }

        $page->press('Signal Red')->see('A pot holds, ml')->fill('Left, ml', '1.200,5')->see('has a comma and a point');
        self::assertSame('1.200,5', $page->field('Left, ml')->getAttribute('value'), 'what cannot be read is kept');
        // Were it sent, the panel would close and the list show the number that was typed on the way there.
        $page->press('Keep')->see('has a comma and a point')->fill('Left, ml', '1200,75')->dontSee('has a comma and a point')->press('Keep')->dontSee('A pot holds, ml');
        self::assertEqualsWithDelta(1200.75, $stored(), 1e-9);
        self::assertSame(5, self::database()->table('paints')->where('name', 'Signal Red')->value('version'), 'four times stored, and not for what cannot be read');
    }

    public function test_a_mark_that_waits_for_the_connection_survives_a_reload_and_is_stored_once(): void
    {
        $page = $this->page->signIn('isla@kittiwake.example')->open('/bench')->press('1st Lamplighters')->see('Clean');
        $before = $this->marks();
        $this->chrome()->cutOff(['*/api/bench-marks']);
        $page->click("//button[starts-with(normalize-space(.), 'Done on figure')]")->see('The studio cannot be reached.')->see('1 entry waiting here');
        $page->driver->navigate()->refresh();
        $page->see('1 entry waiting here');
        self::assertSame($before, $this->marks());

        $this->chrome()->cutOff([]);
        $page->dontSee('The studio cannot be reached.');
        $page->await(fn (): bool => $this->marks() > $before, 'The mark is not stored.');
        $marked = $this->marks();
        $page->driver->navigate()->refresh();
        $page->see('Clean')->dontSee('waiting here');
        self::assertSame($marked, $this->marks(), 'it is not sent again');
        self::assertSame(1, self::database()->table('bench_marks')->whereNotNull('request_key')->distinct()->count('request_key'));
    }

    private function marks(): int
    {
        return self::database()->table((new BenchMark)->getTable())->count();
    }
}
