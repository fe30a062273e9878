<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Support\Facades\DB;

/** A figure type is taken down from the figure in the hand, changed, and taken by a job. */
final class FigureTypeJourneyTest extends BrowserTestCase
{
    public function test_a_lead_takes_a_figure_down_by_its_areas_and_says_what_touches_by_keyboard(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open('/studio')->see('Figure types');
        $page->click("//a[normalize-space()='Take one down']")->see('A new figure type');
        $page->fill('Name', 'Net mender');
        $page->fill('An area a line: what it is called; what it is made of; its size; what it sits on; what it touches; pieces', implode("\n", [
            'face; face; small; ; collar; 2 eyes', 'teeth; bone; tiny; face', 'collar; cloth; medium', 'smock; cloth; large; ; collar', 'net; twine; medium', 'quay; ground; ; ; smock',
        ]));
        $page->press('Read the list')->see('The standard has no surface "twine"');
        $page->pick('Surface of net', 'Cloth')->dontSee('no surface "twine"');
        $page->see('So far nothing is known of net.');

        $page->find("//button[@role='checkbox'][@aria-label='face touches teeth; one sits on the other']")->sendKeys(' ');
        self::assertSame('true', $page->find("//button[@aria-label='face touches teeth; one sits on the other']")->getAttribute('aria-checked'), 'what sits on another touches it');
        $page->find("//button[starts-with(@aria-label, 'net touches smock')]")->sendKeys(' ');
        $page->dontSee('So far nothing is known of net.')->press('Make it')->see('Keep the change');

        $areas = DB::table('figure_areas')->join('figure_types', 'figure_types.id', '=', 'figure_type_id')->where('figure_types.name', 'Net mender')->orderBy('position')->get(['figure_areas.id', 'figure_areas.key', 'sits_on_id']);
        $ids = $areas->pluck('id', 'key');
        self::assertSame(['figure', 'face', 'teeth', 'collar', 'smock', 'net', 'quay'], $areas->pluck('key')->all());
        self::assertSame($ids['face'], $areas->pluck('sits_on_id', 'key')['teeth']);
        self::assertSame(2, DB::table('area_features')->where('figure_area_id', $ids['face'])->where('feature', 'eye')->value('pieces'));
        self::assertSame([$ids['smock']], DB::table('area_neighbours')->where('figure_area_id', $ids['net'])->pluck('neighbour_id')->all());
    }

    public function test_a_change_is_refused_at_its_row_and_a_job_takes_it_when_the_lead_says_so(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open('/studio')->see('Sea troll')->click("//a[normalize-space()='Sea troll']")->see('Keep the change');
        $first = $page->find("//table[@class='areas']//input[starts-with(@aria-label, 'Pieces of')]")->getAttribute('aria-label');
        $area = substr((string) $first, strlen('Pieces of '));
        $page->fill("Percent of the body, {$area}", '95')->see('The shares come to');
        $page->press('As it was')->dontSee('The shares come to');
        $page->fill("Pieces of {$area}", '7 scar')->press('Keep the change')->see('Kept.');

        $page->open('/jobs/1/figure-types')->see('Sea troll')->see('7 × scar instead of 0')->press('Take the studio’s Sea troll')->dontSee('7 × scar instead of 0');
        self::assertSame(7, DB::table('area_features')->join('figure_areas', 'figure_areas.id', '=', 'figure_area_id')->join('figure_types', 'figure_types.id', '=', 'figure_type_id')
            ->where('job_id', 1)->where('figure_types.name', 'Sea troll')->where('figure_areas.key', $area)->where('feature', 'scar')->value('pieces'));
    }

    public function test_a_side_is_laid_out_by_keys_and_on_a_photograph_and_measured(): void
    {
        $page = $this->page->signIn('lead@kittiwake.example')->open('/studio/figure-types/new')->see('The figure as pictures');
        $page->fill('Name', 'Tide clerk');
        $page->fill('An area a line: what it is called', "coat; cloth; large; ; belt\nbelt; leather; small; coat; ; 1 buckle\nface; face; small");
        $page->press('Read the list')->see('What touches what');
        $page->upload('A picture from front', 'clerk.png', self::drawing());
        $page->see('Take this side off')->click("//div[@class='map-areas']/button[starts-with(normalize-space(), 'coat')]")->press('fill');
        $canvas = $page->find("//canvas[@role='application']");
        // The cross stands in the middle, which is the belt; twenty places further down is the coat.
        $canvas->sendKeys([WebDriverKeys::SHIFT, ...array_fill(0, 12, WebDriverKeys::ARROW_DOWN)]);
        $canvas->sendKeys(' ');
        $page->find("//div[@class='map-areas']/button[starts-with(normalize-space(), 'coat')]/span");
        $page->click("//div[@class='map-areas']/button[starts-with(normalize-space(), 'belt')]");
        $canvas->sendKeys([WebDriverKeys::SHIFT, ...array_fill(0, 12, WebDriverKeys::ARROW_UP)]);
        $canvas->sendKeys(' ');
        $page->see('Measured from front')->see('Not laid out anywhere, so as it was said: face.');
        $page->press('Take the shares')->press('Make it')->see('Keep the change');

        $type = DB::table('figure_types')->where('name', 'Tide clerk')->value('id');
        $shares = DB::table('figure_areas')->where('figure_type_id', $type)->pluck('share', 'key');
        // Of 300 × 600 places of the drawing the belt has 200 × 60; the face keeps what was said: 3 of 33 parts.
        self::assertEqualsWithDelta(1 / 15 * (1 - 3 / 33), $shares['belt'], 0.01);
        self::assertEqualsWithDelta(3 / 33, $shares['face'], 0.001);
        self::assertSame(2, DB::table('figure_map_areas')->join('figure_maps', 'figure_maps.id', '=', 'figure_map_id')->where('figure_type_id', $type)->count());
        self::assertNotNull(DB::table('figure_maps')->where('figure_type_id', $type)->value('picture'));
    }

    public function test_a_flaw_is_placed_where_it_is_pointed_at_however_wide_the_page_is(): void
    {
        foreach ([[1280, 2], [820, 3]] as [$width, $figure]) {
            $this->width($width, 1100);
            $page = $this->page->asNobody()->signIn('deputy@kittiwake.example')->open("/jobs/1/check/{$figure}")->see('Areas with a strong line draw the eye.');
            // The middle of the helmet, which is drawn from 150 to 250 of 400 and from 68 to 130 of 600.
            $page->click("//*[local-name()='path'][starts-with(@aria-label, 'helmet')]")->see('Pointed at helmet');
            $page->key('l')->press('2 mm')->press('Note the flaw')->see('on helmet');
            $place = DB::table('faults')->join('checks', 'checks.id', '=', 'check_id')->where('figure_id', $figure)->orderByDesc('faults.id')->first(['x', 'y', 'area', 'side']);

            self::assertNotNull($place);
            self::assertSame(['helmet', 'front'], [$place->area, $place->side]);
            self::assertEqualsWithDelta(200 / 400, $place->x, 0.02, "{$width} wide");
            self::assertEqualsWithDelta(99 / 600, $place->y, 0.02, "{$width} wide");
        }
    }

    /** A coat of 300 by 600, a belt of 200 by 60 on its middle, on a light ground. */
    private static function drawing(): string
    {
        $image = imagecreatetruecolor(500, 800);
        imagefill($image, 0, 0, 0xE6E6E0);
        imagefilledrectangle($image, 100, 100, 399, 699, 0x7A2E2E);
        imagefilledrectangle($image, 150, 370, 349, 429, 0x2E3A7A);
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }
}
