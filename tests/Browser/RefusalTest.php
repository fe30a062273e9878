<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A faulty figure is refused with its reason, mended, checked again and signed; what is altered in the database is found. */
final class RefusalTest extends BrowserTestCase
{
    public function test_a_faulty_figure_is_refused_mended_checked_again_and_signed(): void
    {
        $page = $this->page->signIn('deputy@kittiwake.example')->open('/jobs/1/check/2')->see('Features can be read.');

        // A criterion that does not hold, a flaw under the limit and one over it, each with its why; undo; and back after a reload.
        $page->key('f')->see('Does not hold on face');
        $page->key('l')->see('A flaw, seen from front')->press('0.5 mm')->press('Note the flaw')->see('less than this tier notices');
        $page->take('oilskin coat')->key('l')->press('5 mm')->press('Note the flaw')->see('three times what is noticed or more, so it is major')->see('1 of 2');
        $page->take('trousers')->key('l')->press('Broken or loose part')->press('Note the flaw')->see('Rework')->see('1 of 0');
        $page->key('u')->see('Accept');
        $page->take('trousers')->key('l')->press('Broken or loose part')->press('Note the flaw')->see('Rework');
        $page->driver->navigate()->refresh();
        $page->see('Rework')->see('Missed patch on oilskin coat')->press('Send back to be mended');
        $page->await(fn (): bool => $page->path() === '/check', 'The figure was not sent back.');

        // Its painter sees why, mends what counts, and hands it over again.
        $page->signIn('isla@kittiwake.example')->see('Sent back, to mend')->press('1st Lamplighters, figure 2')->see('sent back by Ruan Petherick')->see('A part is broken, loose or missing: critical.')->see('It lies in')->see('Oilskin Ochre');
        $this->assertAccessible('what is mended, and how');
        for ($left = $page->count("//button[normalize-space(.)='Mended']"); $left > 0; $left--) {
            $page->press('Mended')->await(fn (): bool => $page->count("//button[normalize-space(.)='Mended']") === $left - 1, 'The fault is not mended.');
        }
        $page->see('Everything that counts is mended')->press('Hand it over')->see('At the bench');

        // Only what the repair can have touched is asked again.
        $page->signIn('lead@kittiwake.example')->open('/jobs/1/check/2')->see('check 2')->see('failed before on this figure')->dontSee('Rework');
        for ($deeds = 0; $deeds < 60 && ! str_contains($page->text(), 'Everything is answered'); $deeds++) {
            $before = $page->find("//section[@aria-label='Verdict']")->getText();
            $page->key(str_contains($page->find("//*[@class='in-hand-place']")->getText(), 'such at this side') ? 'a' : 'p');
            $page->await(static fn (): bool => $page->find("//section[@aria-label='Verdict']")->getText() !== $before, 'The check does not move.');
        }
        $page->press('Sign off')->click("//div[@role='dialog']//button[normalize-space(.)='Sign off']")->see('Accepted')->see('Mended by Isla Coade');
        $this->assertAccessible('the certificate');
        $page->open('/records')->see('The chain holds, 1 record');

        $database = self::database();
        $database->unprepared('DROP TRIGGER sign_offs_update');
        $database->statement('UPDATE sign_offs SET record = REPLACE(record, \'Isla Coade\', \'Somebody Else\')');
        $page->open('/records')->see('The chain holds, 1 record')->press('Verify all again')->see('The chain does not hold')->see('Record 1 was altered after it was signed');
    }

    public function test_the_second_studio_sees_nothing_of_the_first(): void
    {
        $page = $this->page->signIn('lead@skerry.example')->see('Stack Skerry')->dontSee('Port Ember');
        foreach (['/jobs' => 'No job yet', '/bench' => 'No bench sheet yet', '/check' => 'Nothing waits to be checked', '/records' => 'Nothing is signed off yet', '/jobs/1' => 'There is no such thing here', '/jobs/1/check/3' => 'There is no such thing here', '/records/1' => 'There is no such thing here'] as $path => $words) {
            $page->open($path)->see($words);
            self::assertStringNotContainsString('Lamplighters', $page->text());
        }
        self::assertStringNotContainsString('Isla', $page->open('/studio')->see('Brenna Holm')->text());
    }

    public function test_two_people_in_one_check_see_what_the_other_said(): void
    {
        $page = $this->page->signIn('deputy@kittiwake.example')->open('/jobs/1/check/4')->see('Features can be read.');
        // The lead answers meanwhile, in a window of their own.
        self::database()->table('checks')->where('figure_id', 4)->increment('version');
        $page->key('f')->see('Somebody else answered in this check')->see('nothing of theirs or yours was lost');
        // The check as it is now is on its way; what is said before it is here would be stale once more.
        $page->await(fn (): bool => str_contains($page->key('f')->text(), 'Does not hold on face'), 'The answer is not taken after the other was shown.');
    }
}
