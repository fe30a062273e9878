<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;

/** A lead switches a school and sees what changes; a painter works on a tablet with wet paint, one go, a mishap and its repair. */
final class BenchJourneyTest extends BrowserTestCase
{
    public function test_a_school_is_switched_for_a_job_and_its_sheets_follow(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open('/jobs/1')->press('Schools')->see('Schools of this job')->see('This job: as the standard');
        $metals = "//section[@aria-label='Metals']";
        $page->click("{$metals}//tr[th[starts-with(normalize-space(.), 'last')]]//button")->see('This job: last');
        $page->click("{$metals}//summary")->see('matt varnish · lamp cage · lamp glass');
        $this->assertAccessible('schools of a job, sheet by sheet');

        $page->open('/bench')->press('1st Lamplighters')->see('not over lamp cage');
        self::assertSame(['Metal base', 'lamp cage'], array_slice($this->titles(), $this->placeOf('Matt varnish') + 1, 1)[0] ?? []);

        $page->open('/jobs/1/schools')->press('As the standard again')->see('This job: as the standard');
    }

    public function test_wet_paint_one_go_and_a_mishap_on_a_tablet(): void
    {
        $this->width(820, 1100);
        $page = $this->page->signIn('isla@kittiwake.example')->open('/bench')->click("//a[contains(., '1st Lamplighters')][contains(., 'Guard')]")->see('step 1 of');

        // Two areas in one press; then the wash over them is asked about, for the base is wet.
        $page->press('Base coat, face, hands')->see('on the face and the hands')->press('Done on figure 1')->see('What it lies on is not marked yet')->press('Mark it all the same');
        $page->await(fn (): bool => $page->count("//li[contains(@class, 'step-done')]//*[starts-with(normalize-space(.), 'Base coat')]") > 0, 'Both places are not marked.');
        $page->press('All-over wash, face, hands')->see('wet here, dry by')->press('Done on figure 1')->see('Paint on what is wet lifts it')->press('Wait')->dontSee('Paint on what is wet lifts it');

        // A slip on the face: what lifts it, what is laid again, and that it waits.
        $page->press('Mishap')->press('slip of foreign paint')->see('lift it with a clean damp brush')->see('Ruddy Face');
        $this->assertAccessible('a mishap that is told');
        $page->fill('In words, if it matters', 'from the coat')->press('Add it to the sheet')->see('To mend')->see('from the coat')->see('1 to mend');
        $this->assertAccessible('what waits to be mended');
        $page->driver->navigate()->refresh();
        $page->see('Figure 1, face: slip of foreign paint')->press('Mended')->dontSee('To mend')->dontSee('1 to mend');
    }

    public function test_leaders_share_the_sheet_of_their_men_and_a_clock_says_what_it_took(): void
    {
        $page = $this->page->signIn('isla@kittiwake.example')->open('/bench')->click("//a[contains(., 'Quay watch')]")->see('Muster, figures 3 to 20');
        $page->see('Metal light, lamp cage')->see('complete at Muster');
        $this->assertAccessible('a sheet that figures share');
        $page->press('figures 3 to 20')->dontSee('Metal light, lamp cage')->press('all figures')->see('Metal light, lamp cage');

        $page->press('Start the clock')->see('since the last step')->press('Done on all 20 figures')->see('step 2 of')->see('allowed');
        $page->press('Minutes by step')->see('figures 1 to 20, Isla Coade')->fill('Minutes for Clean mould lines and gaps, figure, figures 1 to 20', '45,5')->press('Keep')->see('46 min of');
        $this->assertAccessible('minutes by step');
        $page->press('Stop the clock')->see('Start the clock');

        // The primer is the same on another sheet that was cleaned: one run, done in one press.
        $page->open('/bench')->click("//a[contains(., '2nd Lamplighters')][contains(., 'Muster')]")->see('step 1 of 25')->press('Done on all 11 figures')->see('step 2 of 25');
        $page->open('/bench')->see('In one run over several sheets')->click("//section[@class='runs']//button[contains(., 'Quay Fog primer')]")->see('figures 2 to 12');
        $this->assertAccessible('runs over several sheets');
        $page->press('Done on all')->dontSee('Quay Fog primer');
    }

    public function test_at_hand_stands_how_it_must_look(): void
    {
        $page = $this->page->signIn('isla@kittiwake.example')->open('/bench')->click("//a[contains(., '2nd Lamplighters')][contains(., 'Muster')]")->see('All 25 steps');
        $page->click("//button[@class='step-title'][contains(., 'All-over wash')][contains(., 'oilskin coat')]")->see('after this step')->see('Have ready')->see('Kelp Bed');
        self::assertSame(2, $page->count("//*[@class='at-hand-plates']//img"));
        $this->assertAccessible('what is at hand for a step');
    }

    public function test_a_coat_more_is_chosen_for_one_figure_offered_for_the_others_and_taken_back(): void
    {
        $unit = self::database()->table('units')->where('name', '2nd Lamplighters')->value('id');
        self::assertIsInt($unit);
        $page = $this->page->signIn('isla@kittiwake.example')->open("/bench?unit={$unit}")->see('Of one unit only')->dontSee('Quay watch')->click("//a[contains(., 'Muster')]")->see('All 25 steps');
        $page->await(fn (): bool => $page->driver->executeScript("const code = document.querySelector('.sheet-code'); return code.complete && code.naturalWidth > 0") === true, 'The code for paper is not there.');

        $page->press('Base coat, trousers')->press('It takes another coat…')->click("//p[@class='further-ask']//button[contains(., 'figure 2')]");
        $page->see('1 coat more than asked on figure 2, by Isla Coade.')->see('3 coats')->see('All 26 steps');
        $this->assertAccessible('a coat more on one figure');
        $page->press('On figures 3 to 12 too')->see('1 coat more than asked on figures 2 to 12')->see('All 25 steps');
        $page->press('As asked again')->dontSee('more than asked')->see('All 25 steps');
    }

    /** @return list<array{string, string}> technique and area of each step of the sheet */
    private function titles(): array
    {
        return array_values(array_map(static function (WebDriverElement $title): array {
            [$technique, $area] = explode(', ', $title->getText(), 2) + [1 => ''];

            return [$technique, $area];
        }, $this->page->driver->findElements(WebDriverBy::cssSelector('.steps .step-title'))));
    }

    private function placeOf(string $technique): int
    {
        $place = array_search($technique, array_column($this->titles(), 0), true);

        return $place === false ? self::fail("There is no {$technique}.") : $place;
    }
}
