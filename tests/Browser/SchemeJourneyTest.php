<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A ladder with a fault mended, a figure tied together by one light, and a paint that runs out. */
final class SchemeJourneyTest extends BrowserTestCase
{
    public function test_a_lead_mends_a_ladder_ties_the_figure_and_sees_plates_change(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open('/schemes')->see('Begin a scheme')->press('Harbour guard')->see('One light for the figure');
        $page->choose('Figure type', 'Lamplighter, on foot')->see('oilskin coat')->press('Guard')->see('of 50 asked');
        $page->choose('Add an area', 'guard badge')->see('Steps, in the order they are laid');
        // An unfinished step stays while another tier is looked at.
        $page->press('Add a step')->press('Watch')->await(fn (): bool => str_contains((string) $page->driver->getCurrentURL(), 'tier=watch'), 'The tier is not changed.');
        $page->press('Guard')->fill('What step 1 is painted with', 'Harbour Slate')->see('#3e4c57 · L* 32 · value 4');
        $page->press('Add a step')->choose('Role of step 2', 'light')->fill('What step 2 is painted with', 'Weir Blue 1 + Gul White 1');
        $page->see('The studio has no paint "Gul White"')->see('Perhaps you meant "Gull White"');
        $page->fill('What step 2 is painted with', 'Weir Blue 1 + Gull White 1')->see('a hard line')->see('forecast');
        $this->assertAccessible('a ladder with a fault');
        $page->press('Mend: A step between');
        $page->await(fn (): bool => $page->count("//aside//*[contains(., 'a hard line')]") === 0, 'The hard line is not mended.');
        // It is stored as one goes; a reload finds it, and the panel, as they were.
        $page->see('stored');
        $page->await(fn (): bool => $page->find("//aside//*[@class='side-state']")->getText() === 'stored', 'It is not stored.');
        $page->driver->navigate()->refresh();
        $page->see('Steps, in the order')->press('Close')->dontSee('Steps, in the order')->see('guard badge');

        $page->press('guard badge')->see('Take away')->press('Take away')->see('guard badge is taken away')->press('Undo')->dontSee('is taken away');
        $page->find("//section[@aria-label='guard badge']");

        $page->press('helmet')->see('helmet');
        $before = $this->plates();
        $page->press('Close')->press('Light and ground')->see('The last lights are');
        $page->click("//label[normalize-space(.)='The last lights are']/following-sibling::*");
        $page->click("//*[contains(@class, 'ant-select-item-option')]//*[contains(., 'one shared light')]");
        $page->press('Keep')->see('mixed into the last light, 1 : 1')->see('with the shared light');
        $page->press('helmet')->see('with the shared light');
        $page->await(fn (): bool => $this->plates() !== $before && $this->plates() !== '', 'The plates do not change.');
        $page->open('/schemes/1/proof?type=lamplighter')->see('oilskin coat');
        self::assertGreaterThan(40, $page->count("//img[starts-with(@alt, 'Proof plate')]"));
        $page->press('PDF for a client')->see('Harbour guard.pdf is saved.');
    }

    public function test_a_company_differs_in_one_step_and_follows_in_the_rest(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open('/schemes')->see('Begin a scheme')->fill('Name of the scheme', 'White company')->press('Begin');
        $stored = fn () => $page->await(fn (): bool => $page->find("//aside//*[@class='side-state']")->getText() === 'stored', 'It is not stored.');
        $page->see('as Harbour guard')->choose('Figure type', 'Lamplighter, on foot')->see('oilskin coat')->press('Guard')->press('oilskin coat')->see('What you change here becomes a difference of White company');
        $page->fill('What step 4 is painted with', 'Limpet')->see('differs from Harbour guard: Lantern Yellow 1 + Gull White 1');
        $stored();
        $this->assertAccessible('a ladder that differs');
        $company = (string) $page->driver->getCurrentURL();

        $page->open('/schemes/1?type=lamplighter&tier=guard&area=oilskin+coat')->see('Steps, in the order')->fill('What step 1 is painted with', 'Rust Buoy');
        $stored();
        $page->driver->get($company);
        $page->see('Steps, in the order')->see('Limpet');
        $page->await(fn (): bool => $page->field('What step 1 is painted with')->getAttribute('value') === 'Rust Buoy', 'The company does not follow.');
        $page->press('as there: step 4 of Harbour guard')->dontSee('differs from Harbour guard');
        $stored();

        // The boots are the same as the coat from now on, until they are let go.
        $page->press('boots')->see('Copy the ladder of')->choose('The same as another area', 'oilskin coat')->see('No longer the same as oilskin coat');
        $stored();
        $page->press('Close')->see('same as oilskin coat');

        // The helmet is bare metal in this company, and one figure type differs.
        $page->press('helmet')->see('In this scheme it is');
        $page->click("//label[normalize-space(.)='In this scheme it is']/following-sibling::*");
        $page->click("//*[contains(@class, 'ant-select-item-option')]//*[normalize-space(.)='Metal']");
        $stored();
        $page->press('Let it differ on Lamplighter')->see('Holds for Lamplighter, on foot only');
        $stored();
        $page->press('Close')->see('metal in this scheme')->see('differs here');
    }

    public function test_a_paint_runs_out_and_its_substitute_is_taken_in_every_ladder(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open('/studio/paints')->see('Signal Red')->press('Signal Red')->see('A pot holds, ml');
        $page->fill('Colour', '#b8402')->press('Keep')->see('is no colour; write a hex');
        $page->fill('Colour', '#b8402f')->fill('Left, ml', '0')->press('Keep')->dontSee('A pot holds, ml')->see('none');
        $page->press('Find a substitute for Signal Red')->see('In the place of Signal Red')->press('Show what Rust Buoy changes')->see('Rust Buoy instead')->see('riding cloak');
        $this->assertAccessible('a substitute');
        $page->press('Take it in all of them')->dontSee('In the place of');
        $page->open('/schemes/1?type=heron-rider&tier=guard')->see('riding cloak')->dontSee('Signal Red')->press('Paints and notes')->see('Rust Buoy stands in for Signal Red');
    }

    public function test_files_that_are_not_what_they_should_be_are_told_so(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open('/studio/paints?panel=file')->see('Paints from a list');
        $page->upload('File', 'harbour.gpl', "GIMP Palette\n#\n300 0 0 Too red\n1 2 3\n")->see('go from 0 to 255')->see('Line 4: Each colour needs a name');
        $page->upload('File', 'harbour.gpl', "GIMP Palette\n#\n62 76 87 Quay Blue\n")->see('1 new paint')->press('Take them')->see('Quay Blue');

        $page->open('/schemes/1?panel=notes')->see('The picture that governs');
        $page->upload('Picture', 'harbour.png', 'no picture at all')->see('This is no picture that can be read');
        $page->upload('Picture', 'harbour.jpg', str_repeat('x', 40 * 1024 * 1024))->see('This picture has 40 MB; 8 MB is the most.');
        $page->upload('Picture', 'harbour.png', self::picture());
        $page->find("//*[@role='application'][starts-with(@aria-label, 'The picture that governs')]")->click();
        $page->see('Weir Blue')->see('ΔE00');
    }

    /** The drawings of the plates beside the ladders. */
    private function plates(): string
    {
        $drawn = $this->page->driver->executeScript("return [...document.querySelectorAll('.side .plate img')].map((one) => one.src).join()");

        return is_string($drawn) ? $drawn : '';
    }

    private static function picture(): string
    {
        $image = imagecreatetruecolor(60, 40);
        self::assertNotFalse($image);
        imagefilledrectangle($image, 0, 0, 59, 39, 0x4F7390);
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }
}
