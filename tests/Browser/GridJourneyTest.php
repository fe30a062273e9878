<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Unit;
use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Support\Facades\DB;

/** A lead goes through the grid by keys, changes many rows at once, and takes back what was a slip. */
final class GridJourneyTest extends BrowserTestCase
{
    public function test_rows_are_raised_given_pasted_and_taken_back(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open('/jobs/1')->see('Choose all');
        $page->driver->executeScript("document.querySelector('tr[data-row=u1] .grid-name').focus()");
        $keys = $page->driver->getKeyboard();
        $keys->sendKeys('x');
        $keys->sendKeys([WebDriverKeys::SHIFT, WebDriverKeys::ARROW_DOWN]);
        $keys->sendKeys([WebDriverKeys::SHIFT, WebDriverKeys::NULL]);
        $page->see('2 rows, 12 figures chosen');
        $this->assertAccessible('rows that are chosen');
        $keys->sendKeys('+');
        $page->see('Changed last: 1st Lamplighters: tier Watch, was Muster. And 1 more.');
        self::assertSame('watch', $this->tierOf('1st Lamplighters'));

        // One painter for the whole job, in one press of each.
        $page->press('Choose none')->press('Choose all')->choose('Painter of what is chosen', 'Jory Vean')->see('painter Jory Vean');
        self::assertSame([1, 'Jory Vean'], [DB::table('units')->where('job_id', 1)->distinct()->count('painter_id'), Unit::query()->withoutGlobalScopes()->findOrFail(1)->painter?->name]);

        $page->press('History')->see('History of this job');
        $this->assertAccessible('the history of a job');
        $page->click("(//ol[@aria-label='Changes, the latest first']//button[normalize-space(.)='Take it back'])[1]")->see('took a change back');
        $page->click("(//ol[@aria-label='Changes, the latest first']//button[normalize-space(.)='Take it back'])[1]");
        $page->await(fn (): bool => $this->tierOf('1st Lamplighters') === 'muster', 'The tier is not taken back.');
        self::assertGreaterThan(1, DB::table('units')->where('job_id', 1)->distinct()->count('painter_id'));

        // What is found stays in the address; a line from a spreadsheet is for what is chosen.
        $page->open('/jobs/1?find=2nd')->see('2 rows, 12 figures')->press('Choose all')->see('chosen');
        $page->driver->executeScript("document.querySelector('.grid-name').dispatchEvent(new ClipboardEvent('paste', { bubbles: true, cancelable: true, clipboardData: (() => { const data = new DataTransfer(); data.setData('text/plain', 'Guard'); return data; })() }))");
        $page->see('2nd Lamplighters: tier Guard, was Muster.');
        self::assertSame('guard', $this->tierOf('2nd Lamplighters'));
    }

    public function test_an_area_is_set_apart_on_some_figures(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open('/jobs/1')->see('Choose all');
        $page->click("//tr[@data-row='u2']//button[starts-with(@aria-label, 'face:')]")->see('Tier of this area')->press('some of them')->see('Choose the figures that are meant');
        foreach (['Figure 4', 'Figure 5', 'Figure 7'] as $figure) {
            $page->click("//div[@aria-label='Figures that are meant']//button[@aria-label='{$figure}']");
        }
        $this->assertAccessible('some figures of a unit');
        $page->choose('Tier of this area', 'Watch')->see('figures 4, 5, 7');
        self::assertSame(3, DB::table('area_tiers')->where('unit_id', 2)->whereNotNull('figure_id')->count());
    }

    public function test_a_job_is_due_on_another_day_and_noted(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open('/jobs/1')->press('Change')->see('Change the job')->press('Choose from a month');
        $this->assertAccessible('a month to choose a day from');
        $page->press('Close the month')->fill('Due', '24 Dec 2030')->fill('Notes', 'Bases come in January.')->press('Keep the change')->see('Bases come in January.')->see('Tue, 24 Dec 2030');
        self::assertSame('2030-12-24', DB::table('jobs')->where('id', 1)->value('due'));
        $page->press('Change')->see('Change the job')->fill('Due', 'before Easter')->see('Not read yet')->press('Keep the change')->see('◆');
        self::assertSame('2030-12-24', DB::table('jobs')->where('id', 1)->value('due'), 'and nothing is lost or taken for another day');
    }

    private function tierOf(string $unit): mixed
    {
        return DB::table('units')->join('tiers', 'tiers.id', '=', 'units.tier_id')->where('units.name', $unit)->where('units.job_id', 1)->value('tiers.key');
    }

    public function test_figures_are_grouped_for_another_display_and_raised_together(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open('/jobs/1')->press('Grouped otherwise')->see('The same figures may stand together otherwise');
        $page->press('Group them otherwise')->fill('What it is for', 'The cabinet')->press('Keep the grouping')->see('◆');
        $page->fill('Name of group 1', 'Upper shelf')->press('All of Tide divers')->press('Add a group')->fill('Name of group 2', 'Lower shelf');
        $page->click("//*[@role='group'][@aria-label='Tide divers']//button[starts-with(@aria-label, '2 A, in Upper shelf')]");
        $this->assertAccessible('a grouping while it is put together');
        $page->press('Keep the grouping')->see('Tide divers 1, 3, 4, 5, 6')->see('Tide divers 2');
        $this->assertAccessible('figures grouped otherwise');
        $this->width(390, 844);
        $this->assertAccessible('figures grouped otherwise on a phone');
        self::assertLessThanOrEqual(390, $page->driver->executeScript('return document.documentElement.scrollWidth'), 'nothing off the edge');
        $this->width(1280, 800);
        $page->press('Up a tier: Lower shelf')->find("//tr[contains(., 'Lower shelf')][contains(., '1 Banner')]");
        self::assertSame('banner', DB::table('figures')->join('units', 'units.id', '=', 'figures.unit_id')->join('tiers', 'tiers.id', '=', 'figures.tier_id')->where('units.name', 'Tide divers')->where('figures.number', 2)->value('tiers.key'));
    }
}
