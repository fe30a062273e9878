<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The lead plans the demo's job for three painters against its date, takes a way out, promises a day; hours change, the day moves and Today says so. */
final class PlanJourneyTest extends BrowserTestCase
{
    public function test_a_job_is_planned_promised_and_its_date_moves(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open('/jobs/1/plan')->see('It has no day yet')->see('Harbour master: 1 figure has no painter.');
        $page->press('Back to the job')->see('Tide divers')->choose('Painter of Harbour master', 'Ruan Petherick');
        $page->await(static fn (): bool => str_contains($page->text(), 'without a painter 0') || preg_match('/without a painter\s+0/', $page->text()) === 1, 'It is given to nobody.');

        // Three hours on Saturdays are too few for sixteen hours of work.
        $page->press('Plan')->see('after it is due')->see('Give Harbour master to ')->see('more on each day at the bench');
        $this->assertAccessible('a plan that is late');
        $page->press('In words')->see('Clean mould lines and gaps, figure');
        $this->assertAccessible('a plan in words');

        $page->press('Back to the job')->see('Tide divers')->choose('Painter of Harbour master', 'Isla Coade');
        $page->await(static fn (): bool => $page->count("//*[contains(@class, 'ant-select-content') or contains(@class, 'ant-select-selection-item')][.='Ruan Petherick' or @title='Ruan Petherick']") === 0, 'It is still given to the deputy.');
        $page->press('Plan')->see('painted on')->dontSee('after it is due')->press('Promise a day')->see('The day the client is told')->press('Promise it')->dontSee('The day the client is told');
        self::assertStringNotContainsString('too late', $page->text());

        $page->open('/studio')->see('Hours at the bench')->press('Change the hours of Isla Coade');
        foreach (['Mon', 'Tue', 'Wed', 'Thu', 'Fri'] as $day) {
            $page->fill($day, '0,5');
        }
        $this->assertAccessible('hours that are written');
        $page->press('Store')->see('30 min');

        $page->open('/')->see('Dates that do not hold')->see('promised for')->press('▲ Harbour guard of Port Ember')->see('as it stands,');
        $page->press('Set aside')->fill('Why it is set aside', 'The client waits for a wage.')->press('Set it aside')->see('Nobody’s hours are planned for it');
        $page->press('Take up again')->press('Take it up again')->see('as it stands,');
    }
}
