<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** The line through the job: from a standard to a signed-off figure, with the roster of 55 figures. */
final class JourneyTest extends BrowserTestCase
{
    public function test_a_lead_books_a_job_and_a_figure_goes_all_the_way_to_its_certificate(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example');

        // The standard is read.
        $page->open('/standard')->see('Watch says nothing of Marking')->press('What each tier adds')->see('as Muster');

        // A job is booked and its roster taken.
        $page->open('/jobs')->press('Book a job')->fill('Name', 'Second harbour guard')->fill('Client', 'The harbour office')->fill('Force', 'Harbour guard')->press('Book it');
        $page->see('Roster for Second harbour guard');
        $this->paste("unit,figure_type,count,tier\nDeck,Bosun,2,gold");
        $page->press('Read it')->see('There is no tier "gold"')->see('There is no figure type "Bosun"');
        $this->paste((string) file_get_contents(__DIR__.'/../../database/demo/port-ember-roster.csv'));
        $page->press('Read it')->see('55 figures in 7 units')->press('Take 55 figures in 7 units')->see('3 questions to settle');

        // A tier is raised and the totals follow; a unit gets its painter; a use is left out.
        $before = $this->total('work');
        $page->choose('Tier of 2nd Lamplighters', 'Watch')->await(fn (): bool => $this->total('work') !== $before, 'The total of hours does not follow.');
        $page->choose('Painter of 1st Lamplighters', 'Isla Coade')->await(fn (): bool => $this->total('without a painter') === '43', 'The painter is not counted: '.$this->total('without a painter'));
        $page->press('helmet: Sprayed lay-in, then All-over wash')->press('Leave out All-over wash')->press('Leave out')->see('Say why it is left out');
        $page->fill('Why', 'kept clean for the decals')->press('Leave out')->see('kept clean for the decals');

        // The painter works through the bench sheet.
        $page->signIn('isla@kittiwake.example')->open('/bench')->click("//a[contains(., '11 figures')][contains(., 'Lamplighter, on foot')][contains(., 'to paint')][not(contains(., 'waiting to be checked'))][not(contains(., 'signed off'))][contains(., '1st')]");
        $page->see('Clean mould lines and gaps');
        $left = $this->leftOnFigure2();
        $page->press('Done on figure 2')->await(fn (): bool => $this->leftOnFigure2() < $left, 'The first step is not marked.');
        $this->paintEverythingOnFigure2();
        $page->see('ready')->press('Hand figure 2 over to be checked')->see('to check');

        // The deputy checks it and signs it off.
        $page->signIn('deputy@kittiwake.example')->open('/check')->click("(//a[contains(., '1st Lamplighters, figure 2')])[last()]");
        $this->passEverything();
        $page->see('Everything is answered')->press('Sign off')->see('The record is sealed')->click("//div[@role='dialog']//button[normalize-space(.)='Sign off']");
        $page->see('Accepted')->see('Signed by Ruan Petherick')->see('kept clean for the decals')->see('rim: Rim coat, 2 coats, cannot be reached. the rim is painted with the unit (Isla Coade)');
        self::assertMatchesRegularExpression('~^/records/\d+$~', $page->path());
        $page->open('/records')->see('The chain holds, 1 record');

        // It comes back: what its new tier adds is work of its own.
        $page->signIn('lead@kittiwake.example')->open('/records')->press('1st Lamplighters, figure 2')->press('Raise to another tier')->see('Added, in this order');
        $this->assertAccessible('a record that is raised');
        $page->choose('Raised to', 'Guard')->see('from Muster to Guard')->press('Book 1 figure')->see('raised from Muster');
        $page->click("//button[contains(@class, 'grid-name')]")->press('Bench sheet of these figures')->see('Finished figures. Signed at Muster (record 1)')->see('Middle colour again on raised parts');
        $page->open('/records/1')->see('This figure came back and is raised in 1st Lamplighters, raised');
    }

    private function paste(string $text): void
    {
        $this->page->driver->executeScript(<<<'JS'
            const field = document.getElementById('roster-text');
            Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set.call(field, arguments[0]);
            field.dispatchEvent(new Event('input', { bubbles: true }));
            JS, [$text]);
    }

    private function total(string $name): string
    {
        foreach ($this->page->driver->findElements(WebDriverBy::cssSelector('.totals div')) as $total) {
            if ($total->findElement(WebDriverBy::tagName('dt'))->getText() === $name) {
                return $total->findElement(WebDriverBy::tagName('dd'))->getText();
            }
        }

        return '';
    }

    /** One step excused with its reason, the others done. */
    private function paintEverythingOnFigure2(): void
    {
        $excused = $asked = false;
        for ($step = 1; $step < 60 && ! str_contains($this->page->find("//section[@aria-label='Figures']")->getText(), 'ready'); $step++) {
            $left = $this->leftOnFigure2();
            $this->page->click("(//ol[@class='steps']//button[@class='step-title'])[{$step}]");
            $chip = "//*[@aria-label='Figures on which it is done']//button[normalize-space(.)='2']";
            if ($this->page->find($chip)->getAttribute('aria-pressed') === 'true') {
                continue;
            }
            if (! $excused && str_contains($this->page->find("//section[@aria-label='The step in hand']")->getText(), 'Rim coat')) {
                $this->page->press('Not done')->click("//label[contains(., 'cannot be reached')]")->click("//label[contains(., 'on figure 2 only')]")->fill('Why', 'the rim is painted with the unit')->press('Excuse it');
                $excused = true;
            } else {
                $this->page->click($chip);
            }
            $sure = "//button[normalize-space(.)='It is dry, mark it']";
            $this->page->await(fn (): bool => $this->leftOnFigure2() < $left || $this->page->count($sure) > 0, "Step {$step} is neither marked nor asked about.");
            if ($this->page->count($sure) > 0) {
                // Nobody paints as fast as a test; it is asked about once.
                self::assertFalse($asked);
                $asked = true;
                $this->page->see('wet here, dry by')->click($sure);
            }
            $this->page->await(fn (): bool => $this->leftOnFigure2() < $left, "Step {$step} is not marked.");
        }
        self::assertTrue($excused);
        self::assertTrue($asked, 'what is laid on wet paint is asked about');
    }

    private function leftOnFigure2(): int
    {
        preg_match('/^2\s+(\d+) left/', str_replace("\n", ' ', $this->page->find("//section[@aria-label='Figures']//li[1]")->getText()), $match);

        return (int) ($match[1] ?? 0);
    }
}
