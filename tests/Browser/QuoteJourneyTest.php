<?php

declare(strict_types=1);

namespace Tests\Browser;

use Illuminate\Support\Facades\DB;

/** A job goes from an addition to a quote that the client reads by a link alone, and agrees to. */
final class QuoteJourneyTest extends BrowserTestCase
{
    public function test_a_layer_is_added_priced_offered_and_agreed_to(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open('/jobs/1')->see('2nd Lamplighters');
        $row = "//tr[.//span[normalize-space()='2nd Lamplighters']]";
        $page->click("{$row}//button[starts-with(@aria-label, 'straps and pouches:')]")->see('Tier of this area')->press('Add a layer of another tier…');
        $page->unfold('Layer of another tier')->click("//*[contains(@class, 'ant-select-item-option-content')][starts-with(normalize-space(.), 'All-over wash')]")->see('asked in the check for it');
        $this->assertAccessible('a layer that is added');
        $page->press('Add it')->see('Say why it is added')->fill('Why', 'Straps shall look worn.')->fill('Agreed with', 'The harbour office')->fill('Price of a figure, EUR', '1,20')->press('Add it');
        $page->see('Added, of Watch')->see('€1.20 a figure');
        self::assertSame([1, 120], [DB::table('variations')->where('kind', 'addition')->count(), DB::table('variations')->where('kind', 'addition')->value('price')]);

        $page->open('/jobs/1/quote')->see('with All-over wash on straps and pouches (+€1.20)')->fill('Tax, %', '19')->fill('Terms in words', 'Half is paid before we begin.')->see('Tax, 19 %');
        $this->assertAccessible('a quote before it is made');
        $page->press('Make quote 1')->see('it is not shown again')->see('open until');
        $link = (string) $page->find("//label[contains(@class, 'quote-link')]//input")->getAttribute('value');

        $page->asNobody()->open((string) parse_url($link, PHP_URL_PATH))->see('Quote 1: Harbour guard of Port Ember')->see('What Muster includes')->dontSee('Sign out');
        $this->assertAccessible('a quote as the client reads it');
        $this->width(390, 844);
        $this->assertAccessible('a quote on a phone');
        $page->press('Agree to quote 1')->see('Write your name')->fill('Your name', 'Ada Quill')->press('Agree to quote 1')->see('Agreed by Ada Quill');

        $page->signIn('lead@kittiwake.example')->open('/jobs/1/quote')->see('agreed by Ada Quill')->see('Make quote 2');
    }
}
