<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\User;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\Support\Picture;

/** Each main view: nothing coloured outside the paints, nothing serious for axe, no sideways scrolling of the page. */
final class ViewsTest extends BrowserTestCase
{
    /** Addresses with what is waited for there. */
    private const EVERYWHERE = [
        '/' => 'Load', '/standard' => 'Whole figure', '/schemes' => 'Begin a scheme', '/schemes/1?type=lamplighter&tier=guard' => 'oilskin coat', '/schemes/1/proof?type=lamplighter' => 'oilskin coat',
        '/jobs' => 'to paint', '/jobs?archive' => 'The archive is empty', '/jobs/1' => 'Tide divers', '/jobs/1/plan' => 'painted on', '/jobs/1/painters?anew' => 'as chosen',
        '/jobs/1/budget' => 'Take these tiers', '/jobs/1/quote' => 'To be paid', '/jobs/1/schools' => 'Paint this job so', '/jobs/1/figure-types' => 'As the studio has it', '/jobs/1/roster' => 'Paste the list',
        '/jobs/1/groupings' => 'group', '/bench' => '1st Lamplighters', '/check' => 'painted by', '/records' => 'No chain yet', '/studio' => 'Figure types',
        '/studio/paints' => 'Harbour Slate', '/studio/log' => 'what was refused', '/studio/figure-types/1' => 'What touches what', '/account' => 'Where you are signed in', '/help/bench' => 'Good to know',
    ];

    /** @return iterable<string, array{string, string, string, int}> login, path, words to wait for, width */
    public static function views(): iterable
    {
        yield 'the door' => ['', '/sign-in', 'Write the standard once', 1280];
        yield 'today of the lead' => ['lead', '/', 'Jobs under way', 1280];
        yield 'today of a painter' => ['isla', '/', 'At the bench', 1280];
        yield 'the standard' => ['lead', '/standard', 'Whole figure', 1280];
        yield 'what each tier adds' => ['lead', '/standard?show=adds', 'Whole figure', 1280];
        yield 'a cell that is read' => ['lead', '/standard?panel=cell&of=guard&on=plate', 'Judged by', 1280];
        yield 'versions' => ['lead', '/standard?panel=versions', 'Versions', 1280];
        yield 'a draft' => ['lead', ':draft', 'Put in force', 1280];
        yield 'a cell that is written' => ['lead', ':draft?panel=cell&of=guard&on=plate', 'Layers, the top one first', 1280];
        yield 'a tier that is written' => ['lead', ':draft?panel=tier&of=guard', 'Sides that count', 1280];
        yield 'a technique that is written' => ['lead', ':draft?panel=technique&of=wash', 'Does the work of', 1280];
        yield 'a surface that is written' => ['lead', ':draft?panel=surface&of=plate', 'Needs a lay-in', 1280];
        yield 'schools' => ['lead', ':draft?panel=schools', 'Name of the standard', 1280];
        yield 'techniques' => ['lead', ':draft?panel=techniques', 'lay-in', 1280];
        yield 'a last look before it is in force' => ['lead', ':draft?panel=force', 'Put it in force', 1280];
        yield 'a file to be taken' => ['lead', ':draft?panel=file', 'It becomes the draft', 1280];
        yield 'a column to be pasted' => ['lead', ':draft?panel=column&of=guard', 'The two columns', 1280];
        yield 'two tiers side by side' => ['lead', '/standard/1/compare?left=watch&right=guard', 'PDF for a client', 1280];
        yield 'a figure raised' => ['lead', '/standard/1/raise?from=muster&to=guard', 'Stopping places', 1280];
        yield 'a studio without a standard' => ['new', '/standard', 'Start from a plain ladder', 1280];
        yield 'schemes' => ['lead', '/schemes', 'Begin a scheme', 1280];
        yield 'ladders' => ['lead', '/schemes/1?type=lamplighter&tier=guard', 'oilskin coat', 1280];
        yield 'a ladder that is written' => ['lead', '/schemes/1?type=lamplighter&tier=guard&area=boots', 'Steps, in the order', 1280];
        yield 'the light of a scheme' => ['lead', '/schemes/1?panel=light', 'The last lights are', 1280];
        yield 'a colour that is tried' => ['lead', '/schemes/1?panel=trial', 'The colour that is wanted', 1280];
        yield 'the standard in the colours of a scheme' => ['lead', '/standard?colours=1', 'Plates as Harbour guard', 1280];
        yield 'paints and notes of a scheme' => ['lead', '/schemes/1?panel=notes', 'Departures and changes', 1280];
        yield 'a list to be pasted' => ['lead', '/schemes/1?panel=paste', 'The list', 1280];
        yield 'a proof sheet' => ['lead', '/schemes/1/proof?type=lamplighter', 'oilskin coat', 1280];
        yield 'paints' => ['lead', '/studio/paints', 'Harbour Slate', 1280];
        yield 'a paint that is written' => ['lead', '/studio/paints?panel=paint&of=5', 'Read it from a photograph', 1280];
        yield 'a substitute' => ['lead', '/studio/paints?panel=substitute&of=21', 'In the place of', 1280];
        yield 'jobs' => ['lead', '/jobs', 'Harbour guard of Port Ember', 1280];
        yield 'jobs on a phone' => ['lead', '/jobs', 'Harbour guard of Port Ember', 390];
        yield 'a job' => ['lead', '/jobs/1', 'Tide divers', 1280];
        yield 'its plan' => ['lead', '/jobs/1/plan', 'painted on', 1280];
        yield 'its plan on a tablet' => ['lead', '/jobs/1/plan', 'painted on', 820];
        yield 'its plan on a phone' => ['isla', '/jobs/1/plan', 'painted on', 390];
        yield 'its schools' => ['lead', '/jobs/1/schools', 'Paint this job so', 1280];
        yield 'its roster' => ['lead', '/jobs/1/roster', 'Paste the list', 1280];
        yield 'its roster on a phone' => ['lead', '/jobs/1/roster', 'Paste the list', 390];
        yield 'the bench' => ['isla', '/bench', '1st Lamplighters', 1280];
        yield 'a bench sheet' => ['isla', ':sheet', 'Judged by', 820];
        yield 'what waits to be checked' => ['deputy', '/check', 'painted by Isla Coade', 1280];
        yield 'a check at the desk' => ['deputy', '/jobs/1/check/2', 'Features can be read.', 1280];
        yield 'a check on a tablet' => ['deputy', '/jobs/1/check/2', 'Features can be read.', 820];
        yield 'a figure that was not sent back' => ['isla', '/jobs/1/mend/9', 'nothing to mend', 820];
        yield 'records' => ['lead', '/records', 'No chain yet', 1280];
        yield 'the studio' => ['lead', '/studio', 'Figure types', 1280];
        yield 'a figure type' => ['lead', '/studio/figure-types/1', 'What touches what', 1280];
        yield 'a figure type on a phone' => ['lead', '/studio/figure-types/1', 'What touches what', 390];
        yield 'who paints what' => ['lead', '/jobs/1/painters?anew', 'as chosen', 1280];
        yield 'who paints what on a phone' => ['lead', '/jobs/1/painters?anew', 'as chosen', 390];
        yield 'a budget' => ['lead', '/jobs/1/budget', 'Take these tiers', 1280];
        yield 'help' => ['lead', '/help/bench', 'Good to know', 1280];
        yield 'help on a phone' => ['isla', '/help/check', 'Good to know', 390];
        yield 'a budget on a phone' => ['lead', '/jobs/1/budget', 'Take these tiers', 390];
        yield 'a quote' => ['lead', '/jobs/1/quote', 'To be paid', 1280];
        yield 'a quote on a phone' => ['lead', '/jobs/1/quote', 'To be paid', 390];
        yield 'figure types of a job' => ['lead', '/jobs/1/figure-types', 'As the studio has it', 1280];
        yield 'the log' => ['lead', '/studio/log', 'what was refused, and what was changed', 1280];
        yield 'the own account' => ['lead', '/account', 'Where you are signed in', 1280];
        yield 'an address that leads nowhere' => ['lead', '/nowhere', 'leads nowhere', 1280];
        yield 'a bench sheet on a phone' => ['isla', ':sheet', '1st Lamplighters', 390];
    }

    #[DataProvider('views')]
    public function test_view(string $who, string $path, string $words, int $width): void
    {
        $this->width($width, $width === 1280 ? 800 : 1100);
        if ($who === 'new') {
            self::newStudio();
        }
        $who === '' ? $this->page->asNobody() : $this->page->signIn($who.'@kittiwake.example');
        if ($path === ':sheet') {
            $this->page->open('/bench')->click("//a[contains(., '1st Lamplighters')][contains(., 'Muster')]")->press('Base coat, face');
        } elseif (str_starts_with($path, ':draft')) {
            $this->page->open('/standard')->see('Whole figure')->key('d')->see('Put in force')->open($this->page->path().substr($path, 6));
        } else {
            $this->page->open($path);
        }
        $this->page->see($words);

        $this->assertAccessible($words);
        self::assertSame([], Picture::colouredOutsidePaint($this->page->driver));
        $wide = $this->page->driver->executeScript('return document.documentElement.scrollWidth - document.documentElement.clientWidth');
        self::assertSame(0, $wide, 'the page scrolls sideways');
    }

    public function test_no_page_scrolls_sideways_on_a_tablet_or_a_phone(): void
    {
        $this->page->signIn('lead@kittiwake.example');
        $wide = [];
        foreach (self::EVERYWHERE as $path => $words) {
            foreach ([820, 390] as $width) {
                $this->width($width, 1100);
                if ($width === 820) {
                    $this->page->open($path)->see($words);
                }
                $over = $this->page->driver->executeScript('return document.documentElement.scrollWidth - document.documentElement.clientWidth');
                if ($over !== 0) {
                    $wide[] = sprintf('%s at %d: %s px too wide', $path, $width, json_encode($over));
                }
            }
        }

        self::assertSame([], $wide);
    }

    /** @return iterable<string, array{string, string}> address, and label of a drop-down there */
    public static function dropDowns(): iterable
    {
        yield 'the tier of a unit' => ['/jobs/1', 'Tier of 1st Lamplighters'];
        yield 'the painter of a unit' => ['/jobs/1', 'Painter of 1st Lamplighters'];
    }

    #[DataProvider('dropDowns')]
    public function test_a_drop_down_that_is_open(string $path, string $label): void
    {
        $this->width(1280, 800);
        $this->page->signIn('lead@kittiwake.example')->open($path)->unfold($label);

        $this->assertAccessible($label);
    }

    private static function newStudio(): void
    {
        if (self::database()->table('users')->where('email', 'new@kittiwake.example')->doesntExist()) {
            $studio = self::database()->table('studios')->insertGetId(['name' => 'A new studio']);
            User::query()->create(['studio_id' => $studio, 'name' => 'A new lead', 'email' => 'new@kittiwake.example', 'role' => 'lead', 'password' => 'lamplight']);
        }
    }

    public function test_what_is_there_wherever_one_is(): void
    {
        $this->width(1280, 800);
        $page = $this->page->signIn('lead@kittiwake.example')->open('/records')->see('Records')->key('/');
        $page->find("//input[@role='combobox'][starts-with(@aria-label, 'Name of a place')]")->sendKeys('2nd lamp');
        $page->see('unit, Harbour guard of Port Ember, Muster');
        $this->assertAccessible('what is found');
        $page->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $page->see('2 rows, 12 figures')->key('?')->see('Keys of this place')->see('chooses the row');
        $this->assertAccessible('the keys of a place');

        // What the page offers is done by its name; what is done elsewhere, there.
        $page->open('/jobs/1')->see('Choose all')->key('/');
        $page->find("//input[@role='combobox'][starts-with(@aria-label, 'Name of a place')]")->sendKeys('change');
        $page->find("//li[@role='option'][normalize-space(.)='Change here']");
        $page->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $page->see('Change the job')->open('/')->see('Jobs under way')->key('/');
        $page->find("//input[@role='combobox'][starts-with(@aria-label, 'Name of a place')]")->sendKeys('invite');
        $page->see('into the studio');
        $page->driver->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
        $page->see('E-mail')->see('Role');
    }
}
