<?php

declare(strict_types=1);

namespace Tests\Browser;

use Illuminate\Support\Facades\DB;
use Tests\Browser\Support\Spreadsheet;

/** What only the client knows; from their spreadsheet and budget to a quote that is agreed to; a unit that came finished is signed and raised. */
final class WishJourneyTest extends BrowserTestCase
{
    public function test_what_only_the_client_knows_is_settled_in_a_short_list(): void
    {
        DB::table('jobs')->update(['purpose' => null]);
        DB::table('figure_areas')->where('key', 'straps and pouches')->update(['unsure' => true]);
        $page = $this->page->signIn('lead@kittiwake.example')->open('/jobs/1')->see('4 questions to settle before work.');
        $this->assertAccessible('questions to settle');

        $page->press('Displayed')->see('As the client wishes: To be displayed.')->see('3 questions to settle');
        $page->press('wanted (dirty machines)')->see('Pools of a wash: wanted')->see('2 questions to settle');
        $page->see('What is “straps and pouches” of Lamplighter, on foot?')->press('It is Leather')->see('1 question to settle');
        self::assertSame(['displayed', 0], [DB::table('jobs')->value('purpose'), DB::table('figure_areas')->where('unsure', true)->count()]);

        $page->press('Schools')->see('Where the client has a say')->see('the client wishes: wanted');
        $this->assertAccessible('where the client has a say');
        $page->open('/bench')->press('1st Lamplighters')->see('As the client wishes: To be displayed; Pools of a wash: wanted');
    }

    public function test_a_wish_becomes_an_agreed_quote_and_a_unit_is_raised(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open('/jobs')->press('Book a job')->fill('Name', 'The mole')->fill('Client', 'The harbour office')->fill('Force', 'Harbour guard')->press('Book it');
        $page->see('Roster for The mole')->upload('or take a file: a spreadsheet (.xlsx), or text with commas, semicolons or tabs', 'mole.xlsx', Spreadsheet::of([
            ['Squad', 'Model', 'Qty', 'Level', 'Leaders', 'Leader level'],
            ['Mole watch', 'Lamplighter, on foot', 8, 'Muster', 1, 'Watch'],
            ['Mole watch', 'Tide diver in plate', 2, 'Muster', '', ''],
            ['Mole master', 'Harbour master', 1, 'Muster', '', ''],
        ]));
        $page->see('11 figures in 2 units, as they would be taken')->press('Take 11 figures in 2 units')->dontSee('as they would be taken')->see('Tide diver in plate, figures 9, 10');
        $job = (int) explode('/', $page->path())[2];
        $this->assertAccessible('a unit of two types');

        // A budget of twice as much: the richest that it pays for, but the divers stay as they are.
        $page->press('Budget')->see('as assigned now');
        $now = $this->hours();
        $page->fill('Budget, hours', (string) ($now * 2))->see('for this budget')->choose('Tier of Mole watch: Tide diver in plate', $this->option('Tier of Mole watch: Tide diver in plate', 'Muster'));
        $page->await(static fn (): bool => $page->count("//tr[contains(@class, 'budget-other')]") > 0, 'No tier is richer for twice the hours.');
        $page->press('Take these tiers')->see('Taken.');
        self::assertSame(0, DB::table('figures')->join('tiers', 'tiers.id', '=', 'figures.tier_id')->whereNotNull('figures.figure_type_id')->where('tiers.key', '<>', 'muster')->count(), 'the divers are settled by hand');
        $page->press('Give ')->see('Areas lifted.');

        // What the client agreed to beside it.
        $page->press('Back to the job')->see('Mole master');
        $row = "//tr[.//span[normalize-space()='Mole master']]";
        $page->click("({$row}//button[contains(@class, 'grid-cell')])[1]")->see('Tier of this area')->press('Add a layer of another tier…');
        $page->unfold('Layer of another tier')->click("(//*[contains(@class, 'ant-select-item-option-content')])[1]")->press('Add it')->see('Say why it is added');
        $page->fill('Why', 'He stands in front.')->fill('Agreed with', 'The harbour office')->fill('Price of a figure, EUR', '4,50')->press('Add it')->see('Added, of')->see('€4.50 a figure');

        // Who paints it.
        $page->open("/jobs/{$job}/painters")->see('Who paints what')->press('Give ')->see('has a painter');

        $page->open("/jobs/{$job}/quote")->see('(+€4.50)')->press('Make quote 1')->see('it is not shown again');
        $link = (string) $page->find("//label[contains(@class, 'quote-link')]//input")->getAttribute('value');
        $page->asNobody()->open((string) parse_url($link, PHP_URL_PATH))->see('Quote 1: The mole')->see('Tide diver in plate')->fill('Your name', 'Ada Quill')->press('Agree to quote 1')->see('Agreed by Ada Quill');

        $this->signAndRaise($job);
    }

    /** It came finished from elsewhere: it is judged at its tier, and what the next one adds is work here. */
    private function signAndRaise(int $job): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open("/jobs/{$job}");
        $page->click("//tr[.//span[normalize-space()='Mole master']]//button[contains(@class, 'grid-name')]")->press('Change the unit');
        $page->click("//*[@aria-label='Figures that came finished']//button[normalize-space(.)='1']")->see('came finished');
        $page->signIn('deputy@kittiwake.example')->open('/check')->click("//a[contains(., 'Mole master, figure 1')]");
        $this->passEverything();
        $page->see('Everything is answered')->press('Sign off')->see('The record is sealed')->click("//div[@role='dialog']//button[normalize-space(.)='Sign off']");
        $page->see('Accepted');

        $page->signIn('lead@kittiwake.example')->open('/records')->press('Mole master, figure 1')->press('Raise to another tier')->see('Added, in this order')->press('Book 1 figure')->see('raised from');
        self::assertSame(1, DB::table('figures')->whereNotNull('raises_id')->count());
    }

    /** What the job takes as it is assigned. */
    private function hours(): float
    {
        return (float) $this->page->field('Budget, hours')->getAttribute('value');
    }

    /** What an entry of a drop-down says in full, by how it begins. */
    private function option(string $label, string $begins): string
    {
        $option = $this->page->unfold($label)->find("//*[contains(@class, 'ant-select-item-option-content')][starts-with(normalize-space(.), '{$begins} ·')]")->getText();
        $this->page->key("\u{E00C}");

        return $option;
    }
}
