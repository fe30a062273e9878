<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Bench\BenchSheetResource;
use App\Http\Checks\CheckResource;
use App\Http\Schemes\ReadListResource;
use App\Http\Schemes\RecipeParts;
use App\Http\Schemes\SchemeAreaParts;
use App\Http\Schemes\SchemeAreaResource;
use App\Http\Schemes\SchemeResource;
use App\Http\Standards\PlateParts;
use App\Models\FigureArea;
use App\Models\FigureType;
use App\Models\Force;
use App\Models\JobMix;
use App\Models\Scheme;
use App\Models\SchemeAcceptance;
use App\Models\SchemeArea;
use App\Models\SchemeNote;
use App\Models\SchemeStep;
use App\Models\StandardVersion;
use App\Models\Unit;
use Illuminate\Support\Facades\DB;

/**
 * Ladders of a force: written, mended, tied together, shared and differing, and laid at the bench.
 *
 * @phpstan-import-type Check_ from CheckResource
 * @phpstan-import-type Scheme from SchemeResource as Shown
 * @phpstan-import-type Plate from PlateParts
 * @phpstan-import-type ReadList_ from ReadListResource
 * @phpstan-import-type SchemeArea_ from SchemeAreaParts
 * @phpstan-import-type SchemeAreaPreview from SchemeAreaResource
 * @phpstan-import-type StepMix from RecipeParts
 * @phpstan-import-type BenchSheet_ from BenchSheetResource
 */
final class SchemeTest extends SchemeTestCase
{
    public function test_the_demo_force_has_its_colours_at_every_tier(): void
    {
        foreach (['lamplighter', 'tide-diver', 'heron-rider', 'harbour-master', 'sea-troll'] as $type) {
            $shown = $this->show($type);
            foreach ($shown['tiers'] as $tier) {
                foreach ($this->show($type, $tier['key'])['areas'] as $area) {
                    foreach ($area['steps'] as $step) {
                        $isPainted = ! in_array($step['name'], ['Clean mould lines and gaps', 'Walk round', 'Tidy back to the neighbour', 'Tufts'], true);
                        self::assertTrue(! $isPainted || $step['mix'] !== '' || $step['rung'] === null, "{$type}, {$tier['key']}, {$area['area']}: {$step['name']}");
                    }
                }
            }
        }
    }

    public function test_a_ladder_shows_each_step_over_what_lies_under_it(): void
    {
        $coat = $this->area($this->show('lamplighter', 'guard'), 'oilskin coat');

        self::assertSame(['base', 'shade', 'light', 'light', 'light'], array_column($coat['rungs'], 'role'));
        self::assertSame('#b98a2e', $coat['rungs'][0]['hex']);
        self::assertNotSame('#3a3226', $coat['rungs'][1]['hex'], 'a wash lets the base through');
        self::assertTrue($coat['rungs'][3]['recipe']['forecast']);
        self::assertNull($coat['asked'], 'a coat need not reach the span by itself');
        self::assertSame(50, $this->area($this->show('lamplighter', 'guard'), 'face')['asked']);
        self::assertSame(50, $this->show('lamplighter', 'guard')['asked']);
    }

    public function test_a_tier_with_fewer_lights_takes_the_best_of_them(): void
    {
        $taken = fn (string $tier): array => array_column(array_filter($this->area($this->show('harbour-master', $tier), 'beard')['rungs'], static fn (array $rung): bool => $rung['taken']), 'mix');

        self::assertGreaterThan(count($taken('muster')), count($taken('banner')));
        self::assertContains('Wet Stone 1 + Lamp Black 1', $taken('muster'));
    }

    public function test_a_fault_is_mended_by_the_suggestion(): void
    {
        $id = $this->scheme()->id;
        $draft = self::draft('guard badge', [['base', 'Harbour Slate', 1.0], ['light', 'Weir Blue 1 + Gull White 1', 0.4]]);
        $seen = $this->area($this->scheming('POST', "/schemes/{$id}/areas", $draft + ['type' => 'lamplighter', 'tier' => 'guard']), 'guard badge');
        $jump = $seen['findings'][0];
        self::assertSame(['jump', 1], [$jump['code'], $jump['at']]);
        self::assertNotNull($jump['suggestion']);
        self::assertStringContainsString('gives L*', $jump['suggestion']['sentence']);

        $rungs = $draft['rungs'];
        array_splice($rungs, $jump['suggestion']['at'], $jump['suggestion']['inserts'] ? 0 : 1, [$jump['suggestion']['rung']]);
        $mended = $this->area($this->scheming('PUT', "/scheme-areas/{$seen['id']}", ['rungs' => $rungs, 'version' => $seen['version'], 'type' => 'lamplighter', 'tier' => 'guard'] + $draft), 'guard badge');
        self::assertNotContains('jump', array_column($mended['findings'], 'code'));
        self::assertSame($seen['version'] + 1, $mended['version']);
    }

    public function test_a_ladder_goes_on_as_the_core_says(): void
    {
        $next = fn (array $rungs): mixed => $this->answer($this->lead(), 'POST', '/schemes/next-step', ['rungs' => $rungs]);

        self::assertSame(['role' => 'base', 'cover' => 1, 'coats' => 1], $next([]));
        self::assertSame(['role' => 'light', 'cover' => 0.24, 'coats' => 1], $next([['role' => 'base', 'cover' => 1], ['role' => 'light', 'cover' => 0.4]]));
        $this->as($this->lead(), 'POST', '/schemes/next-step', ['rungs' => [['role' => 'base', 'cover' => 0]]])
            ->assertUnprocessable()->assertJsonPath('error.path', '/rungs/0/cover');
    }

    public function test_a_preview_stores_nothing_and_shows_the_plates(): void
    {
        $scheme = $this->scheme();
        $before = SchemeArea::query()->count();
        /** @var SchemeAreaPreview $preview */
        $preview = $this->answer($this->lead(), 'POST', "/schemes/{$scheme->id}/area-previews", self::draft('helmet', [['base', 'Rust Buoy', 1.0]]) + ['type' => 'lamplighter', 'tier' => 'guard']);

        self::assertSame('#8c3a26', $preview['area']['rungs'][0]['hex']);
        self::assertGreaterThan(3, count($preview['plates']));
        self::assertNull($preview['area']['rungs'][0]['batch'], 'one paint is not stirred');
        /** @var SchemeAreaPreview $preview */
        $preview = $this->answer($this->lead(), 'POST', "/schemes/{$scheme->id}/area-previews", self::draft('helmet', [['base', 'Rust Buoy 3 + Lamp Black 5', 1.0]]) + ['type' => 'lamplighter', 'figures' => 40]);
        $drops = array_column($preview['area']['rungs'][0]['batch']['drops'] ?? [], 'drops', 'name');
        self::assertSame(5 * $drops['Rust Buoy'], 3 * $drops['Lamp Black']);
        self::assertSame($before, SchemeArea::query()->count());
        self::assertSame('#3e4c57', $this->area($this->show('lamplighter'), 'helmet')['rungs'][0]['hex']);
    }

    public function test_the_shared_light_ties_the_figure_and_the_plates_change(): void
    {
        $scheme = $this->scheme();
        $plates = fn (): string => (string) json_encode($this->answer($this->lead(), 'GET', "/schemes/{$scheme->id}/plates?type=lamplighter&area=helmet"));
        $before = $plates();
        $tied = $this->scheming('PUT', "/schemes/{$scheme->id}", $this->wholeScheme($scheme, ['last_light' => 'shared', 'light' => 'Gull White', 'light_own' => 1, 'light_parts' => 1]) + ['type' => 'lamplighter', 'tier' => 'guard']);

        $helmet = $this->area($tied, 'helmet');
        self::assertSame('Cold Spray 1 + Gull White 7', $helmet['rungs'][count($helmet['rungs']) - 1]['recipe']['text'], 'half of it is the shared light');
        self::assertSame($tied['lit']['of'], $tied['lit']['taking']);
        self::assertNotSame($before, $plates());
    }

    public function test_a_plate_says_in_which_tone_its_area_is_seen(): void
    {
        $scheme = Scheme::query()->firstOrFail();
        $plates = (array) $this->as($this->isla(), 'GET', "/schemes/{$scheme->id}/plates?type=lamplighter")->json();
        $tones = array_column(array_filter($plates, static fn (mixed $plate): bool => is_array($plate) && $plate['area'] === 'oilskin coat'), 'tone', 'tier');
        $boots = array_column(array_filter($plates, static fn (mixed $plate): bool => is_array($plate) && $plate['area'] === 'boots'), 'tone', 'tier');

        self::assertIsString($tones['muster']);
        self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', $tones['muster']);
        self::assertNotSame($tones['muster'], $boots['muster']);
        self::assertSame($tones['muster'], $tones['guard'], 'more lights leave the tone that is seen from a step back');
    }

    public function test_a_second_primer_from_above_shows_through_thin_paint(): void
    {
        $scheme = $this->scheme();
        $thin = self::draft('helmet', [['base', 'Weir Blue 1 + Thin medium 3', 1.0]]);
        $lightness = function () use ($scheme, $thin): float {
            /** @var SchemeAreaPreview $preview */
            $preview = $this->answer($this->lead(), 'POST', "/schemes/{$scheme->id}/area-previews", $thin + ['type' => 'lamplighter']);

            return $preview['area']['rungs'][0]['lightness'];
        };
        $before = $lightness();
        $shown = $this->scheming('PUT', "/schemes/{$scheme->id}", $this->wholeScheme($scheme, ['ground' => 'Pitch primer', 'sketch' => 'Quay Fog primer', 'sketch_cover' => 0.3]) + ['type' => 'lamplighter', 'tier' => 'guard']);

        self::assertSame(['Pitch primer', 'Quay Fog primer', 0.3], [$shown['ground'], $shown['sketch'], $shown['sketch_cover']]);
        self::assertLessThan($before, $lightness(), 'mostly over the dark one');
        $dark = $this->scheming('PUT', "/schemes/{$scheme->id}", $this->wholeScheme($scheme->refresh(), ['ground' => 'Pitch primer']) + ['type' => 'lamplighter', 'tier' => 'guard']);
        self::assertSame('', $dark['sketch']);

        foreach ([['sketch', 'No such primer', 'unknown-paint'], ['sketch_cover', 0, 'invalid'], ['sketch_cover', 1.1, 'invalid']] as [$member, $value, $code]) {
            $this->assertRefused($this->as($this->lead(), 'PUT', "/schemes/{$scheme->id}", $this->wholeScheme($scheme->refresh(), [$member => $value])), 422, $code, "/{$member}");
        }
    }

    public function test_the_mosaic_of_a_check_shows_thin_paint_over_its_ground(): void
    {
        $helmet = $this->area($this->show('lamplighter', 'guard'), 'helmet');
        $this->answer($this->lead(), 'PUT', "/scheme-areas/{$helmet['id']}", ['version' => $helmet['version']] + self::draft('helmet', [['base', 'Weir Blue 1 + Thin medium 3', 1.0]]));
        $shown = $this->area($this->show('lamplighter', 'guard'), 'helmet')['rungs'][0]['hex'];
        /** @var Check_ $check */
        $check = $this->answer($this->deputy(), 'POST', "/figures/{$this->figure('1st Lamplighters', 2)->id}/checks");

        self::assertSame($shown, array_column($check['areas'], 'hex', 'area')['helmet']);
        self::assertNotSame('#4f7390', $shown, 'not as it is in the pot');
    }

    public function test_one_colour_may_be_wanted_and_an_area_quiet(): void
    {
        $scheme = $this->scheme();
        $codes = fn (): array => array_column($this->show('heron-rider', 'guard')['findings'], 'code');
        self::assertContains('one-family', $codes());
        $this->answer($this->lead(), 'PUT', "/schemes/{$scheme->id}", $this->wholeScheme($scheme, ['one_colour' => true]));
        self::assertNotContains('one-family', $codes());

        $helmet = $this->area($this->show('lamplighter', 'guard'), 'face');
        self::assertNotNull($helmet['asked']);
        $quiet = ['quiet' => true, 'version' => $helmet['version']] + self::draft('face', [['base', 'Weir Blue', 1.0]]);
        $this->answer($this->lead(), 'PUT', "/scheme-areas/{$helmet['id']}", $quiet);
        $shown = $this->area($this->show('lamplighter', 'guard'), 'face');
        self::assertSame([true, null], [$shown['quiet'], $shown['asked']]);
        self::assertNotContains('span-short', array_column($shown['findings'], 'code'));

        $this->answer($this->lead(), 'POST', '/schemes', ['force' => 'Harbour guard', 'name' => 'Second company']);
        self::assertTrue(Scheme::query()->where('name', 'Second company')->firstOrFail()->one_colour, 'a company begins as the common scheme has it');
    }

    public function test_a_company_differs_only_where_it_says_so(): void
    {
        $common = $this->scheme();
        $this->answer($this->lead(), 'POST', '/schemes', ['force' => 'Harbour guard', 'name' => 'Second company']);
        $second = Scheme::query()->where('name', 'Second company')->firstOrFail();
        self::assertSame($common->id, $second->common_id);
        $this->answer($this->lead(), 'POST', "/schemes/{$second->id}/areas", self::draft('helmet', [['base', 'Rust Buoy', 1.0]]));
        $shown = $this->scheming('GET', "/schemes/{$second->id}?type=lamplighter&tier=guard");

        self::assertSame(['#8c3a26', false], [$this->area($shown, 'helmet')['rungs'][0]['hex'], $this->area($shown, 'helmet')['inherited']]);
        self::assertSame(['#b98a2e', true], [$this->area($shown, 'oilskin coat')['rungs'][0]['hex'], $this->area($shown, 'oilskin coat')['inherited']]);

        $unit = $this->unit('1st Lamplighters');
        $this->answer($this->lead(), 'PATCH', "/units/{$unit->id}", ['version' => $unit->version, 'scheme_id' => $second->id]);
        self::assertSame('Rust Buoy', $this->mix('1st Lamplighters', 2, 'helmet', 'spray-lay-in')['text']);
        self::assertSame('Oilskin Ochre', $this->mix('1st Lamplighters', 2, 'oilskin coat', 'base')['text']);
        $other = Force::query()->create(['name' => 'Another force']);
        $stranger = Scheme::query()->create(['force_id' => $other->id, 'name' => 'Other']);
        $this->assertRefused($this->as($this->lead(), 'PATCH', "/units/{$unit->id}", ['version' => $unit->refresh()->version, 'scheme_id' => $stranger->id]), 422, 'unknown-scheme', '/scheme_id');
    }

    public function test_a_scheme_begins_as_a_copy_of_another(): void
    {
        $common = $this->scheme();
        $this->answer($this->lead(), 'PUT', "/schemes/{$common->id}", $this->wholeScheme($common, ['accents' => 'Lantern yellow', 'one_colour' => true]));
        $this->answer($this->lead(), 'POST', '/schemes', ['force' => 'Harbour guard', 'name' => 'Second company']);
        $second = Scheme::query()->where('name', 'Second company')->firstOrFail();
        $this->answer($this->lead(), 'POST', "/schemes/{$second->id}/areas", self::draft('helmet', [['base', 'Rust Buoy', 1.0], ['light', 'Signal Red 1 + Gull White 1', 0.4]]));

        $this->answer($this->lead(), 'POST', '/schemes', ['force' => 'River guard', 'name' => 'River guard', 'like' => $second->id]);
        $copy = Scheme::query()->where('name', 'River guard')->firstOrFail();
        self::assertSame([null, true, $common->ground_paint_id], [$copy->common_id, $copy->one_colour, $copy->ground_paint_id]);
        $areas = SchemeArea::query()->where('scheme_id', $copy->id)->pluck('area')->all();
        self::assertEqualsCanonicalizing(SchemeArea::query()->where('scheme_id', $common->id)->pluck('area')->all(), $areas, 'all of it, for the other force has no common one');
        $shown = $this->scheming('GET', "/schemes/{$copy->id}?type=lamplighter&tier=guard");
        self::assertSame(['Rust Buoy', 'Signal Red 1 + Gull White 1'], array_column($this->area($shown, 'helmet')['rungs'], 'mix'), 'as the company has it');
        self::assertSame('Oilskin Ochre', $this->area($shown, 'oilskin coat')['rungs'][0]['mix'], 'else as the common one');

        $this->answer($this->lead(), 'POST', '/schemes', ['force' => 'Harbour guard', 'name' => 'Third company', 'like' => $second->id]);
        $third = Scheme::query()->where('name', 'Third company')->firstOrFail();
        self::assertSame(['helmet'], SchemeArea::query()->where('scheme_id', $third->id)->pluck('area')->all(), 'within a force only what differs');
        $this->as($this->lead(), 'POST', '/schemes', ['force' => 'Harbour guard', 'name' => 'Fourth', 'like' => 9999])->assertNotFound();
    }

    public function test_the_primer_is_said_once(): void
    {
        SchemeStep::query()->whereIn('use', ['prime-grey', 'zenithal'])->each(static function (SchemeStep $step): void {
            $step->parts()->delete();
            $step->delete();
        });
        self::assertSame(['Quay Fog primer', 'scheme'], [$this->mix('1st Lamplighters', 1, 'figure', 'prime-grey')['text'], $this->mix('1st Lamplighters', 1, 'figure', 'prime-grey')['from']]);
        self::assertSame('', $this->mix('1st Lamplighters', 1, 'figure', 'zenithal')['text'], 'a second primer that nobody has named is not known');

        $this->scheming('PUT', "/schemes/{$this->scheme()->id}", $this->wholeScheme($this->scheme(), ['sketch' => 'Chalk primer']));
        self::assertSame('Chalk primer', $this->mix('1st Lamplighters', 1, 'figure', 'zenithal')['text']);
    }

    public function test_a_figure_type_differs_in_single_areas(): void
    {
        $scheme = $this->scheme();
        $this->answer($this->lead(), 'POST', "/schemes/{$scheme->id}/areas", ['figure_type' => 'tide-diver'] + self::draft('rim', [['base', 'Gull White', 1.0]]));

        self::assertSame('#f1efe6', $this->area($this->show('tide-diver'), 'rim')['rungs'][0]['hex']);
        self::assertSame([], $this->area($this->show('lamplighter'), 'rim')['rungs']);
    }

    public function test_areas_of_one_name_that_differ_are_told(): void
    {
        $across = $this->show('lamplighter')['across'];

        self::assertContains('areas-differ', array_column($across, 'code'));
        self::assertStringContainsString('face of', $across[0]['sentence']);
    }

    public function test_two_leads_write_one_area_and_neither_loses_work(): void
    {
        $area = SchemeArea::query()->where('area', 'helmet')->firstOrFail();
        $draft = self::draft('helmet', [['base', 'Rust Buoy', 1.0]]);
        $this->answer($this->lead(), 'PUT', "/scheme-areas/{$area->id}", ['version' => $area->version] + $draft);
        $late = $this->as($this->lead(), 'PUT', "/scheme-areas/{$area->id}", ['version' => $area->version] + self::draft('helmet', [['base', 'Kelp Bed', 1.0]]));

        $this->assertRefused($late, 409, 'stale');
        self::assertSame('#8c3a26', $this->area($this->show('lamplighter'), 'helmet')['rungs'][0]['hex']);
    }

    public function test_wrong_input_is_told_at_its_place(): void
    {
        $id = $this->scheme()->id;
        $refused = fn (array $body, string $code, string $path) => $this->assertRefused($this->as($this->lead(), 'POST', "/schemes/{$id}/areas", $body), 422, $code, $path);

        $refused(self::draft('badge', [['base', 'Gul White', 1.0]]), 'unknown-paint', '/rungs/0/mix');
        $refused(self::draft('badge', [['base', 'Gull White 0', 1.0]]), 'unreadable-mix', '/rungs/0/mix');
        $refused(self::draft('badge', [['base', 'water', 1.0]]), 'unreadable-mix', '/rungs/0/mix');
        $refused(self::draft('badge', [['base', '', 1.0]]), 'invalid', '/rungs/0/mix');
        $refused(self::draft('badge', [['base', 'Gull White', 0.0]]), 'invalid', '/rungs/0/cover');
        $refused(self::draft('badge', [['glow', 'Gull White', 1.0]]), 'invalid', '/rungs/0/role');
        $refused(self::draft('', [['base', 'Gull White', 1.0]]), 'invalid', '/area');
        $refused(self::draft('helmet', [['base', 'Gull White', 1.0]]), 'area-exists', '/area');
        $refused(['uses' => [['use' => 'eye', 'step' => 1, 'mix' => 'Gull White'], ['use' => 'eye', 'step' => 1, 'mix' => 'Limpet']]] + self::draft('badge', []), 'duplicate-use', '/uses/1/use');
        $this->assertRefused($this->as($this->lead(), 'GET', "/schemes/{$id}?type=nobody"), 422, 'unknown-figure-type', '/type');
        $this->assertRefused($this->as($this->lead(), 'GET', "/schemes/{$id}?tier=gold"), 422, 'unknown-tier', '/tier');
        $this->assertRefused($this->as($this->lead(), 'PUT', "/schemes/{$id}", $this->wholeScheme($this->scheme(), ['last_light' => 'shared', 'light' => ''])), 422, 'no-light', '/light');
        $this->assertRefused($this->as($this->lead(), 'PUT', "/schemes/{$id}", $this->wholeScheme($this->scheme(), ['light_parts' => 0])), 422, 'invalid', '/light_parts');
        $this->assertRefused($this->as($this->lead(), 'POST', '/schemes', ['force' => 'Harbour guard', 'name' => 'Harbour guard']), 422, 'scheme-exists', '/name');
    }

    public function test_a_list_of_paints_by_use_becomes_ladders(): void
    {
        $this->answer($this->lead(), 'POST', '/schemes', ['force' => 'Harbour guard', 'name' => 'Third company']);
        $third = Scheme::query()->where('name', 'Third company')->firstOrFail();
        $list = "area\tuse\tstep\tmix\nhelmet\tbase\t1\tRust Buoy\nhelmet\twash\t1\tBilge wash\nhelmet\tedge-line\t1\tSignal Red\nhelmet\tedge-line\t2\tSignal Red 1 + Gull White 1\nhelmet\tdark-line\t1\tLamp Black";
        $helmet = $this->area($this->scheming('POST', "/schemes/{$third->id}/recipes", ['text' => $list, 'type' => 'lamplighter']), 'helmet');

        self::assertSame(['base Rust Buoy', 'shade Bilge wash', 'light Signal Red', 'light Signal Red 1 + Gull White 1'], array_map(static fn (array $rung): string => "{$rung['role']} {$rung['mix']}", $helmet['rungs']));
        self::assertSame([['dark-line', 'Lamp Black']], array_map(static fn (array $use): array => [$use['use'], $use['mix']], $helmet['uses']));
        self::assertFalse($helmet['inherited']);

        $wrong = $this->as($this->lead(), 'POST', "/schemes/{$third->id}/recipes", ['text' => "figure_type,area,use,step,mix\nnobody,helmet,base,1,Rust Buoy\nlamplighter,helmet,base,x,Rust Buoy\nlamplighter,helmet,base,1,Rusty Boy\n,,,,"]);
        $this->assertRefused($wrong, 422, 'out-of-range');
        self::assertSame(['/lines/3/step', '/lines/2/figure_type', '/lines/4/mix'], array_column((array) $wrong->json('error.problems'), 'path'));
        $this->assertRefused($this->as($this->lead(), 'POST', "/schemes/{$third->id}/recipes", ['text' => 'area,paint']), 422, 'missing-column');
    }

    public function test_a_list_says_where_each_line_lands_before_it_is_taken(): void
    {
        $this->answer($this->lead(), 'POST', '/schemes', ['force' => 'Harbour guard', 'name' => 'Third company']);
        $third = Scheme::query()->where('name', 'Third company')->firstOrFail();
        $list = "area;use;step;mix\nhelmet;Base coat;1;Lamp Black\nhelmet;Dark lining;1;Lamp Black\nhelmet;edge-line;1;Wet Stone\nhelmet;edge-line;2;Gull White\nhelmet;eye;1;Limpet\nbanner;base;1;Signal Red";
        $before = SchemeArea::query()->count();
        /** @var ReadList_ $read */
        $read = $this->answer($this->lead(), 'POST', "/schemes/{$third->id}/recipe-readings", ['text' => $list]);

        self::assertSame(
            [[2, 'base', 0, 'base', 'no tier asks for it here'], [3, 'dark-line', null, null, ''], [4, 'edge-line', 1, 'light', ''], [5, 'edge-line', 2, 'light', ''], [6, 'eye', null, null, 'no tier asks for it here'], [7, 'base', 0, 'base', 'no figure of the force has this area yet']],
            array_map(static fn (array $line): array => [$line['line'], $line['use'], $line['at'], $line['role'], $line['remark']], $read['lines']),
        );
        self::assertSame([2, '#161617', 'Dark lining'], [$read['areas'], $read['lines'][1]['hex'], $read['lines'][1]['name']]);
        self::assertSame($before, SchemeArea::query()->count(), 'nothing is written');
        $helmet = $this->area($this->scheming('POST', "/schemes/{$third->id}/recipes", ['text' => $list, 'type' => 'lamplighter']), 'helmet');
        self::assertSame(['base Lamp Black', 'light Wet Stone', 'light Gull White'], array_map(static fn (array $rung): string => "{$rung['role']} {$rung['mix']}", $helmet['rungs']));
        self::assertSame(['dark-line' => 'Dark lining', 'eye' => 'Paint the eye'], array_column($helmet['uses'], 'name', 'use'));

        $wrong = $this->as($this->lead(), 'POST', "/schemes/{$third->id}/recipe-readings", ['text' => "area,use,mix\nhelmet,edgeline,Wet Stone\nhelmet,base,Rusty Boy"]);
        $this->assertRefused($wrong, 422, 'unknown-use', '/lines/2/use');
        self::assertSame(['/lines/2/use', '/lines/3/mix'], array_column((array) $wrong->json('error.problems'), 'path'));
        self::assertStringContainsString('it is one of: ', (string) json_encode($wrong->json('error.problems.0')));
        $this->assertRefused($this->as($this->isla(), 'POST', "/schemes/{$third->id}/recipe-readings", ['text' => $list]), 403, 'not-allowed');
    }

    public function test_a_use_is_looked_up_on_the_figure_it_is_written_for(): void
    {
        $scheme = $this->scheme();
        FigureArea::query()->where('key', 'boots')->whereIn('figure_type_id', FigureType::query()->where('key', 'harbour-master')->pluck('id'))->update(['surface' => 'face']);
        $list = static fn (string $type): array => ['text' => "figure_type,area,use,mix\n{$type},boots,base,Lamp Black\n{$type},boots,first-light,Wet Stone"];
        /** @var ReadList_ $read */
        $read = $this->answer($this->lead(), 'POST', "/schemes/{$scheme->id}/recipe-readings", $list('harbour-master'));

        self::assertSame([0, 1], array_column($read['lines'], 'at'));
        $this->assertRefused($this->as($this->lead(), 'POST', "/schemes/{$scheme->id}/recipe-readings", $list('lamplighter')), 422, 'unknown-use', '/lines/3/use');
        /** @var ReadList_ $read */
        $read = $this->answer($this->lead(), 'POST', "/schemes/{$scheme->id}/recipe-readings", $list(''));
        self::assertSame(['first-light'], array_column(array_filter($read['lines'], static fn (array $line): bool => $line['use'] !== 'base'), 'use'), 'on any figure that it may be on');
    }

    public function test_bench_sheets_take_paints_from_the_scheme_and_jobs_with_their_own_keep_them(): void
    {
        $mix = $this->mix('1st Lamplighters', 2, 'oilskin coat', 'base');
        self::assertSame(['Oilskin Ochre', 'scheme'], [$mix['text'], $mix['from']]);
        self::assertNull($mix['coats']);
        $takes = function (): float {
            $needs = array_column((array) $this->answer($this->lead(), 'GET', '/paint-needs')['needs'], 'ml', 'paint');

            return is_numeric($needs['Oilskin Ochre']) ? (float) $needs['Oilskin Ochre'] : self::fail('The jobs take none.');
        };
        $before = $takes();
        $ochre = (array) array_column($this->answer($this->lead(), 'GET', '/paints'), null, 'name')['Oilskin Ochre'];
        $this->answer($this->lead(), 'PUT', '/paints/'.json_encode($ochre['id']), ['coats_middle' => 5, 'colour' => $ochre['hex']] + $ochre);
        self::assertSame(5, $this->mix('1st Lamplighters', 2, 'oilskin coat', 'base')['coats'], 'over the middle grey of the primer, more than the tier asks for');
        self::assertEqualsWithDelta(2.5, $takes() / $before, 0.4, 'five coats take more paint than two');

        $type = $this->unit('1st Lamplighters')->figure_type_id;
        $set = ['figure_type_id' => $type, 'area' => 'oilskin coat', 'use' => 'base', 'step' => 1];
        $this->answer($this->lead(), 'PUT', "/jobs/{$this->job()->id}/mixes", $set + ['mix' => 'Oilskin Ochre 3 + Lamp Black 1', 'version' => null]);
        $mix = $this->mix('1st Lamplighters', 2, 'oilskin coat', 'base');
        self::assertSame(['Oilskin Ochre 3 + Lamp Black 1', 'job'], [$mix['text'], $mix['from']]);
        self::assertNotNull($mix['batch']);
        self::assertSame($mix['batch']['drops'][0]['drops'], 3 * $mix['batch']['drops'][1]['drops'], 'the ratio holds');
        self::assertStringContainsString('0.6 ml', $mix['batch']['why']['rule']);

        $this->assertRefused($this->as($this->isla(), 'POST', "/jobs/{$this->job()->id}/kept-mixes", $set), 403, 'not-allowed');
        $this->answer($this->lead(), 'POST', "/jobs/{$this->job()->id}/kept-mixes", $set);
        $mix = $this->mix('1st Lamplighters', 2, 'oilskin coat', 'base');
        self::assertSame(['Oilskin Ochre 3 + Lamp Black 1', 'scheme'], [$mix['text'], $mix['from']]);
        self::assertSame(0, JobMix::query()->count());
        $note = SchemeNote::query()->where('kind', 'kept')->firstOrFail();
        self::assertSame([$this->lead()->id, 'oilskin coat'], [$note->user_id, $note->area]);
        $this->assertRefused($this->as($this->lead(), 'POST', "/jobs/{$this->job()->id}/kept-mixes", $set), 422, 'nothing-mixed', '/use');
    }

    public function test_plates_of_the_standard_can_be_seen_in_the_colours_of_a_scheme(): void
    {
        $version = StandardVersion::inForce()->id ?? self::fail('No standard is in force.');
        $scheme = $this->scheme();
        $plates = function (string $surface, ?int $in = null) use ($version): array {
            /** @var list<Plate> $plates */
            $plates = $this->answer($this->isla(), 'GET', "/standards/{$version}/plates?surface={$surface}".($in === null ? '' : "&scheme={$in}"));

            return array_combine(array_column($plates, 'tier'), array_map(static fn (array $plate): string => $plate['zones'][3]['hex'], $plates));
        };

        self::assertSame(array_values(array_diff(array_keys($plates('face')), ['drill'])), array_keys($plates('face', $scheme->id)), 'a retired tier is not on the sheet');
        self::assertNotSame($plates('face'), $plates('face', $scheme->id));
        foreach ([[$plates('face'), false], [$plates('face', $scheme->id), true]] as [$shown, $hasHue]) {
            self::assertSame(array_fill_keys(array_keys($shown), $hasHue), array_map(static fn (string $hex): bool => ! str_starts_with($hex, '#'.str_repeat(substr($hex, 1, 2), 2)), $shown));
        }
        $empty = Scheme::query()->create(['force_id' => Force::query()->create(['name' => 'Another force'])->id, 'name' => 'Nothing yet']);
        self::assertSame($plates('rim'), $plates('rim', $empty->id), 'in greys where the scheme says nothing of it');
        $this->as($this->stranger(), 'GET', "/standards/{$version}/plates?surface=face&scheme={$scheme->id}")->assertNotFound();
        $this->as($this->isla(), 'GET', "/standards/{$version}/plates?surface=face&scheme=999")->assertNotFound();
    }

    public function test_the_proof_sheet_is_a_pdf(): void
    {
        $path = "/schemes/{$this->scheme()->id}/proof-sheet";

        self::assertStringStartsWith('%PDF-', $this->paper($this->isla(), $path, ['type' => 'sea-troll']));
        $this->assertRefused($this->as($this->lead(), 'POST', $path, ['type' => 'sea-serpent']), 422, 'unknown-figure-type', '/type');
    }

    public function test_departures_are_noted_with_who_and_when(): void
    {
        $noted = $this->scheming('POST', "/schemes/{$this->scheme()->id}/departures", ['area' => 'helmet', 'text' => 'Darker than the picture: it hangs in shade.']);

        self::assertSame(['departure', 'helmet', 'Marsali Teague'], [$noted['notes'][0]['kind'], $noted['notes'][0]['area'], $noted['notes'][0]['by']]);
        $this->assertRefused($this->as($this->lead(), 'POST', "/schemes/{$this->scheme()->id}/departures", ['area' => '', 'text' => '']), 422, 'invalid', '/text');
    }

    public function test_a_studio_sets_the_numbers_that_its_schemes_are_held_to(): void
    {
        $numbers = array_column($this->answer($this->lead(), 'GET', '/scheme-rules'), 'number', 'name');
        self::assertSame(15, $numbers['neighbour_step']);
        self::assertContains('one-family', array_column($this->show('heron-rider', 'guard')['findings'], 'code'));

        $this->answer($this->lead(), 'PUT', '/scheme-rules', ['neighbour_step' => 1, 'family_limit' => 0.9] + $numbers);
        self::assertNotContains('one-family', array_column($this->show('heron-rider', 'guard')['findings'], 'code'));
        self::assertSame(1, $this->show('lamplighter', 'guard')['least_apart']);
        self::assertEquals(['neighbour_step' => 1, 'family_limit' => 0.9], $this->lead()->studio->scheme_rules, 'what is as usual is not stored');

        $this->assertRefused($this->as($this->lead(), 'PUT', '/scheme-rules', ['family_limit' => 2] + $numbers), 422, 'out-of-range', '/family_limit');
        $this->assertRefused($this->as($this->lead(), 'PUT', '/scheme-rules', ['min_step' => 40] + $numbers), 422, 'out-of-range', '/max_step');
        $this->assertRefused($this->as($this->deputy(), 'PUT', '/scheme-rules', $numbers), 403, 'not-allowed');
        self::assertSame(15, array_column($this->answer($this->stranger(), 'GET', '/scheme-rules'), 'number', 'name')['neighbour_step'], 'another studio keeps its own');
    }

    public function test_a_finding_is_accepted_with_who_and_why_and_taken_back(): void
    {
        $id = $this->scheme()->id;
        SchemeAcceptance::query()->delete();
        $before = $this->show('heron-rider', 'guard');
        $found = array_values(array_filter($before['findings'], static fn (array $finding): bool => $finding['code'] === 'one-family'))[0];
        self::assertNull($found['accepted']);
        $named = ['code' => 'one-family', 'figure_type' => 'heron-rider', 'area' => '', 'place' => $found['place'], 'type' => 'heron-rider', 'tier' => 'guard'];
        $this->assertRefused($this->as($this->lead(), 'PUT', "/schemes/{$id}/acceptances", $named), 422, 'invalid', '/reason');

        $after = $this->scheming('PUT', "/schemes/{$id}/acceptances", ['reason' => 'A grey bird is grey.'] + $named);
        $last = $after['findings'][count($after['findings']) - 1];
        self::assertSame(['one-family', ['reason' => 'A grey bird is grey.', 'by' => 'Marsali Teague']], [$last['code'], $last['accepted']], 'what is meant so stands last');
        self::assertSame([$before['counts']['seen'] - 1, $before['counts']['accepted'] + 1], [$after['counts']['seen'], $after['counts']['accepted']]);
        self::assertSame($after['counts'], $this->scheming('PUT', "/schemes/{$id}/acceptances", ['reason' => 'It is a heron.'] + $named)['counts'], 'said again, it is said otherwise');
        self::assertSame(1, SchemeAcceptance::query()->count());
        self::assertNull(array_values(array_filter($this->show('sea-troll', 'guard')['findings'], static fn (array $finding): bool => $finding['code'] === 'one-family'))[0]['accepted'], 'a troll is no heron');

        $this->assertRefused($this->as($this->deputy(), 'PUT', "/schemes/{$id}/acceptances", ['reason' => 'x'] + $named), 403, 'not-allowed');
        self::assertSame($before['counts'], $this->scheming('DELETE', "/schemes/{$id}/acceptances?".http_build_query($named))['counts']);
    }

    public function test_a_painter_reads_a_scheme_and_does_not_write_it(): void
    {
        $id = $this->scheme()->id;

        $this->as($this->isla(), 'GET', "/schemes/{$id}")->assertOk();
        $this->assertRefused($this->as($this->isla(), 'POST', "/schemes/{$id}/areas", self::draft('badge', [['base', 'Gull White', 1.0]])), 403, 'not-allowed');
        $this->assertRefused($this->as($this->deputy(), 'PUT', "/schemes/{$id}", $this->wholeScheme($this->scheme(), [])), 403, 'not-allowed');
    }

    public function test_a_scheme_takes_a_constant_number_of_queries(): void
    {
        $count = function (): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->show('lamplighter', 'guard');

            return count(DB::getQueryLog());
        };
        $count();
        $before = $count();
        foreach (range(1, 12) as $at) {
            $this->answer($this->lead(), 'POST', "/schemes/{$this->scheme()->id}/areas", self::draft("area {$at}", [['base', 'Gull White', 1.0], ['light', 'Limpet', 0.5]]));
        }
        Unit::query()->update(['note' => 'more']);

        self::assertLessThanOrEqual($before, $count());
    }
}
