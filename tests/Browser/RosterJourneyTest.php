<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\Spreadsheet;

/** A client's spreadsheet is taken as it was sent: other headings, a slip of the pen, a column that nobody needs. */
final class RosterJourneyTest extends BrowserTestCase
{
    public function test_a_clients_spreadsheet_is_taken_and_its_columns_are_known_the_next_time(): void
    {
        $sheet = Spreadsheet::of([['Squad', 'Model', 'Qty', 'Level', 'Points'], ['Mole watch, east', 'Lamplighter, on foot', 12, 'Gaurd', 90], ['Mole troll', 'sea troll', 1, 'Banner', 250]]);
        $page = $this->page->signIn('lead@kittiwake.example')->open('/jobs')->press('Book a job')->fill('Name', 'The mole')->fill('Client', 'The harbour office')->fill('Force', 'Harbour guard')->press('Book it');
        $page->see('Roster for The mole')->upload('or take a file: a spreadsheet (.xlsx), or text with commas, semicolons or tabs', 'mole.xlsx', $sheet);

        $page->see('Say what it is, or leave it out.');
        $this->assertAccessible('a spreadsheet that was read');
        $page->choose('What Points is', 'left out')->see('There is no tier "Gaurd". Is it Guard?')->dontSee('Say what it is');
        $page->click("//button[@aria-label='Line 2: Guard is meant']")->see('13 figures in 2 units, as they would be taken')->press('Take 13 figures in 2 units')->dontSee('as they would be taken')->see('Mole watch, east')->see('Mole troll');

        $page->open('/jobs/1/roster')->upload('or take a file: a spreadsheet (.xlsx), or text with commas, semicolons or tabs', 'more.csv', mb_convert_encoding("Squad;Model;Qty;Level;Points\nWächter;Sea troll;1;Banner;3\n", 'Windows-1252', 'UTF-8'));
        $page->see('western, Windows-1252')->see('1 figure in 1 unit, as they would be taken')->see('Wächter');
        $this->width(390, 844);
        $this->assertAccessible('a roster on a phone');
    }
}
