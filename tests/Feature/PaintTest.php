<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Bench\BenchSheets;
use App\Actions\Paints\PaintBook;
use App\Http\Paints\PickedColourResource;
use App\Http\Paints\SubstitutesResource;
use App\Http\Paints\SubstitutionResource;
use App\Http\Schemes\SchemeResource;
use App\Http\Schemes\TriedColourResource;
use App\Models\Job;
use App\Models\Paint;
use App\Models\Scheme;
use App\Models\SchemeNote;
use Core\Colour\ColourDifference;
use Core\Colour\Srgb;
use Core\Scheme\PaintKind;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;

/**
 * Paints of the studio: written, taken from files and photographs, and standing in for each other.
 *
 * @phpstan-import-type TriedColour_ from TriedColourResource
 * @phpstan-import-type Scheme from SchemeResource as Shown
 * @phpstan-import-type Substitution_ from SubstitutionResource
 * @phpstan-import-type Substitute_ from SubstitutesResource
 * @phpstan-import-type PickedColour from PickedColourResource
 */
final class PaintTest extends TestCase
{
    private const NEW = [
        'name' => 'Tar Brown', 'kind' => 'base', 'colour' => '#3b2a20', 'opacity' => 'opaque', 'coats_dark' => 1, 'coats_middle' => 2, 'coats_light' => 2,
        'hiding' => null, 'finish' => 'matt', 'ml' => 18, 'stock_ml' => 12,
    ];

    public function test_a_paint_is_added_by_hex_or_by_lab(): void
    {
        $this->answer($this->lead(), 'POST', '/paints', self::NEW);
        $this->answer($this->lead(), 'POST', '/paints', ['name' => 'Middle', 'colour' => '50, 0, 0'] + self::NEW);

        self::assertSame('#3b2a20', Paint::query()->where('name', 'Tar Brown')->firstOrFail()->hex);
        self::assertSame('#777777', Paint::query()->where('name', 'Middle')->firstOrFail()->hex);
    }

    public function test_what_is_left_need_not_be_counted(): void
    {
        $this->answer($this->lead(), 'POST', '/paints', ['stock_ml' => null] + self::NEW);
        $this->paintFile('paints.csv', 'Listed;#3e4c57', true)->assertOk();

        self::assertNull(Paint::query()->where('name', 'Tar Brown')->firstOrFail()->stock_ml);
        self::assertNull(Paint::query()->where('name', 'Listed')->firstOrFail()->stock_ml, 'a list of names and colours counts nothing');
    }

    public function test_what_is_wrong_with_a_paint_is_told_at_its_place(): void
    {
        $refused = fn (array $change, string $code, string $path) => $this->assertRefused($this->as($this->lead(), 'POST', '/paints', $change + self::NEW), 422, $code, $path);

        $refused(['colour' => '#12345'], 'bad-colour', '/colour');
        $refused(['colour' => 'brownish'], 'bad-colour', '/colour');
        $refused(['colour' => '101, 0, 0'], 'bad-colour', '/colour');
        $refused(['name' => ''], 'invalid', '/name');
        $refused(['name' => 'Red + Blue'], 'invalid', '/name');
        $refused(['name' => str_repeat('x', 300)], 'invalid', '/name');
        $refused(['name' => 'gull white'], 'paint-exists', '/name');
        $refused(['name' => 'Water'], 'paint-exists', '/name');
        $refused(['kind' => 'glitter'], 'invalid', '/kind');
        $refused(['coats_dark' => 0], 'invalid', '/coats_dark');
        $refused(['hiding' => 1.2], 'invalid', '/hiding');
        $refused(['ml' => 0], 'invalid', '/ml');
        $refused(['stock_ml' => -1], 'invalid', '/stock_ml');
        $this->assertRefused($this->as($this->isla(), 'POST', '/paints', self::NEW), 403, 'not-allowed');
    }

    public function test_a_paint_that_is_changed_changes_the_ladders_and_a_stale_change_is_refused(): void
    {
        $paint = $this->paint('Rust Buoy');
        $body = ['name' => 'Rust Buoy', 'colour' => '#702010'] + self::NEW;
        $this->answer($this->lead(), 'PUT', "/paints/{$paint->id}", $body + ['version' => $paint->version]);

        $this->assertRefused($this->as($this->lead(), 'PUT', "/paints/{$paint->id}", $body + ['version' => $paint->version]), 409, 'stale');
        $cloak = array_values(array_filter($this->scheme('heron-rider')['areas'], static fn (array $area): bool => $area['area'] === 'riding cloak'))[0];
        self::assertSame('#702010', $cloak['rungs'][0]['hex']);
    }

    public function test_the_nearest_that_has_not_run_out_is_offered_and_says_on_which_side_it_is(): void
    {
        /** @var list<Substitute_> $found */
        $found = $this->answer($this->lead(), 'GET', "/paints/{$this->paint('Signal Red')->id}/substitutes");

        self::assertSame('Rust Buoy', $found[0]['paint']);
        self::assertContains('darker', $found[0]['side']);
        self::assertNotContains('metal', array_column($found, 'kind'));
        /** @var list<Substitute_> $washes */
        $washes = $this->answer($this->lead(), 'GET', "/paints/{$this->paint('Bilge wash')->id}/substitutes");
        self::assertSame([], array_values(array_diff(array_column($washes, 'kind'), ['wash', 'stain'])));
    }

    public function test_a_paint_runs_out_and_the_substitute_is_taken_in_one_action(): void
    {
        $red = $this->paint('Signal Red');
        $red->update(['stock_ml' => 0]);
        /** @var Substitution_ $shown */
        $shown = $this->answer($this->lead(), 'POST', "/paints/{$red->id}/substitution", ['instead' => 'Rust Buoy', 'take' => false]);
        self::assertSame(false, $shown['taken']);
        self::assertContains('riding cloak', array_column($shown['ladders'], 'area'));
        $rung = $shown['ladders'][0]['rungs'][0];
        self::assertGreaterThan(1, $rung['delta_e']);
        self::assertLessThan(0, $rung['lightness']);
        self::assertStringContainsString('Signal Red', (string) json_encode($this->scheme('heron-rider')), 'nothing is taken yet');

        $this->answer($this->lead(), 'POST', "/paints/{$red->id}/substitution", ['instead' => 'Rust Buoy', 'take' => true]);
        $after = $this->scheme('heron-rider');
        self::assertStringNotContainsString('Signal Red', (string) json_encode($after['areas']));
        self::assertStringContainsString('Rust Buoy stands in for Signal Red', SchemeNote::query()->where('kind', 'substitute')->firstOrFail()->text);
        $this->assertRefused($this->as($this->lead(), 'POST', "/paints/{$red->id}/substitution", ['instead' => 'New Brass', 'take' => true]), 422, 'no-substitute', '/instead');
    }

    public function test_what_the_running_jobs_take_is_held_against_what_is_left(): void
    {
        $needs = fn (): array => array_column((array) $this->answer($this->lead(), 'GET', '/paint-needs')['needs'], null, 'paint');
        $slate = (array) $needs()['Harbour Slate'];
        self::assertGreaterThan(0, $slate['ml']);
        self::assertSame(11, $slate['stock_ml']);

        $this->paint('Harbour Slate')->update(['stock_ml' => null]);
        $this->app->make(PaintBook::class)->forget();
        $slate = (array) $needs()['Harbour Slate'];
        self::assertSame([null, false], [$slate['stock_ml'], $slate['short']], 'nobody has counted: it is not known to be too little');

        $this->paint('Harbour Slate')->update(['stock_ml' => 0]);
        $this->app->make(PaintBook::class)->forget();
        self::assertTrue(((array) $needs()['Harbour Slate'])['short']);
        Job::query()->update(['state' => 'closed']);
        self::assertSame([], $needs(), 'closed jobs take nothing');
    }

    public function test_paints_go_out_and_come_in_as_csv_and_as_a_palette(): void
    {
        foreach (['csv', 'gpl'] as $format) {
            $list = (string) $this->as($this->lead(), 'GET', "/paint-list?format={$format}")->getContent();
            self::assertStringContainsString('Harbour Slate', $list);
            $read = $this->paintFile("paints.{$format}", $list, false)->assertOk()->json();
            self::assertIsArray($read);
            self::assertSame([], $read['new']);
            $this->paintFile("paints.{$format}", str_replace('Harbour Slate', 'Harbour Slate Two', $list), true)->assertOk();
        }
        self::assertSame('#3e4c57', $this->paint('Harbour Slate Two')->hex);
        $this->assertRefused($this->as($this->lead(), 'GET', '/paint-list?format=psd'), 422, 'invalid', '/format');
    }

    public function test_lines_of_a_name_and_a_hex_are_a_list(): void
    {
        foreach ([';', ',', "\t"] as $at => $separator) {
            $read = $this->paintFile('paints.csv', "Pier Green {$at}{$separator}#4a6a50\nPier Blue {$at}{$separator}3e5c7c\n", true)->assertOk()->json();
            self::assertIsArray($read);
            self::assertSame(["Pier Green {$at}", "Pier Blue {$at}"], $read['new']);
        }
        self::assertSame(['#4a6a50', '#3e5c7c'], [$this->paint('Pier Green 2')->hex, $this->paint('Pier Blue 1')->hex]);

        $this->assertRefused($this->paintFile('paints.csv', "Pier Grey;#808080\nPier Black;blackish\n", true), 422, 'bad-colour', '/lines/2/hex');
    }

    public function test_a_studio_without_paints_begins_with_plain_ones_of_every_kind(): void
    {
        $list = $this->answer($this->stranger(), 'GET', '/starter-paints')['text'];
        self::assertIsString($list);
        $read = $this->paintFile('paints.csv', $list, true)->assertOk()->json();
        self::assertIsArray($read);

        self::assertIsArray($read['new']);
        self::assertGreaterThan(39, count($read['new']));
        $kinds = Paint::query()->whereIn('name', $read['new'])->pluck('kind')->unique()->sort()->values()->all();
        $all = array_column(PaintKind::cases(), 'value');
        sort($all);
        self::assertSame($all, $kinds);
        self::assertSame(0, Paint::query()->whereIn('name', $read['new'])->whereNotNull('stock_ml')->count(), 'nobody has counted what is left of them');
        $again = $this->paintFile('paints.csv', $list, true)->assertOk()->json();
        self::assertIsArray($again);
        self::assertSame([[], [], count($read['new'])], [$again['new'], $again['changed'], $again['alike']], 'taken twice they are there once');
    }

    public function test_a_paint_that_nobody_has_is_named_so_that_it_can_be_made(): void
    {
        $unknown = $this->as($this->lead(), 'POST', '/schemes/'.Scheme::query()->firstOrFail()->id.'/areas', [
            'area' => 'badge', 'figure_type' => null, 'uses' => [], 'takes_shared_light' => true, 'turn' => 'none', 'quiet' => false, 'note' => '',
            'rungs' => [['role' => 'base', 'mix' => 'Gull White 1 + Gul White 2', 'cover' => 1, 'coats' => 1]],
        ]);

        $this->assertRefused($unknown, 422, 'unknown-paint', '/rungs/0/mix');
        self::assertSame('Gul White', $unknown->json('error.about'));
    }

    public function test_what_to_know_of_a_paint_stands_at_the_bench(): void
    {
        $slate = $this->paint('Oilskin Ochre');
        $paint = (array) array_column($this->answer($this->lead(), 'GET', '/paints'), null, 'name')['Oilskin Ochre'];
        self::assertSame('', $paint['note']);
        $this->answer($this->lead(), 'PUT', "/paints/{$slate->id}", ['note' => '  shake; never with water ', 'colour' => $slate->hex] + $paint);
        self::assertSame('shake; never with water', $slate->refresh()->note);

        $sheet = $this->app->make(BenchSheets::class)->ofFigure($this->figure('1st Lamplighters', 2));
        $shown = (string) json_encode($this->answer($this->isla(), 'GET', "/jobs/{$this->job()->id}/bench-sheets/{$sheet->key}"));
        self::assertStringContainsString('shake; never with water', $shown);
        $list = (string) $this->as($this->lead(), 'GET', '/paint-list?format=csv')->getContent();
        self::assertStringContainsString('shake; never with water', $list);
        $this->paintFile('paints.csv', str_replace(['Oilskin Ochre', 'never with water'], ['Second Ochre', 'stir'], $list), true)->assertOk();
        self::assertSame(['shake; never with water', 'shake; stir'], [$slate->refresh()->note, $this->paint('Second Ochre')->note]);
        $this->assertRefused($this->as($this->lead(), 'PUT', "/paints/{$slate->id}", ['note' => str_repeat('x', 201), 'version' => $slate->version, 'colour' => $slate->hex] + $paint), 422, 'invalid', '/note');
    }

    public function test_a_colour_is_tried_as_a_mix_and_as_a_glaze(): void
    {
        $try = fn (array $body) => $this->as($this->isla(), 'POST', '/colour-trials', $body + ['wanted' => '#8c5a40', 'from' => 'Rust Buoy', 'with' => 'Gull White', 'over' => '']);
        /** @var TriedColour_ $tried */
        $tried = $try(['wanted' => 'Rust Buoy 3 + Gull White 1'])->assertOk()->json();
        self::assertSame(['Rust Buoy 3 + Gull White 1', 0, false], [$tried['ratio']['mix'] ?? '', (int) round($tried['ratio']['delta_e'] ?? 9), $tried['ratio']['is_noticed'] ?? true]);
        self::assertNull($tried['glaze']);
        /** @var TriedColour_ $glazed */
        $glazed = $try(['wanted' => '#c08070', 'from' => 'Rosy wash', 'with' => '', 'over' => 'Salt Cheek'])->assertOk()->json();
        self::assertNull($glazed['ratio']);
        self::assertStringContainsString('Rosy wash', $glazed['glaze']['mix'] ?? '');
        self::assertLessThan(6.0, $glazed['glaze']['delta_e'] ?? 99.0);

        foreach ([[['wanted' => 'blackish'], 'unknown-paint', '/wanted'], [['from' => ''], 'invalid', '/from'], [['with' => ''], 'nothing-to-try', '/with'], [['with' => 'Old Brass'], 'no-flat-colour', '/with'], [['over' => 'Thin medium'], 'no-colour', '/over']] as [$body, $code, $path]) {
            $this->assertRefused($try($body), 422, $code, $path);
        }
    }

    public function test_a_file_with_errors_tells_each_and_stores_nothing(): void
    {
        $before = Paint::query()->count();
        $csv = $this->paintFile('paints.csv', "name,hex,kind\nA,#12345,base\n,#123456,base\nC,#123456,glitter\nD + E,#123456,base\nF,#123456,base\nf,#123456,base\n", true);
        $this->assertRefused($csv, 422, 'bad-colour', '/lines/2/hex');
        self::assertSame(['/lines/2/hex', '/lines/3/name', '/lines/4/kind', '/lines/5/name', '/lines/7/name'], array_column((array) $csv->json('error.problems'), 'path'));

        $palette = $this->paintFile('harbour.gpl', "GIMP Palette\nName: Harbour\n#\n 62 76 87 Slate\n300 0 0 Too red\n1 2 Two only\n 1 2 3\n", true);
        $this->assertRefused($palette, 422, 'out-of-range', '/lines/5/colour');
        self::assertSame(['/lines/5/colour', '/lines/6/colour', '/lines/7/name'], array_column((array) $palette->json('error.problems'), 'path'));

        $this->assertRefused($this->paintFile('x.csv', "name;colour\nA;#123456", true), 422, 'missing-column', '/file');
        $this->assertRefused($this->paintFile('x.csv', "name,hex,price\nA,#123456,3", true), 422, 'unknown-column', '/lines/1');
        $this->assertRefused($this->paintFile('x.gpl', "GIMP Palette\n", true), 422, 'empty-file', '/file');
        $this->assertRefused($this->paintFile('x.png', "\x89PNG\r\n\x1a\n\0\0\0", true), 422, 'not-text', '/file');
        self::assertSame($before, Paint::query()->count());
    }

    public function test_a_swatch_is_read_beside_a_grey_card(): void
    {
        // A card of 18 % in light that is half as strong and yellowish, and a swatch that is the card's own grey.
        $picture = self::picture([[0.09, 0.09, 0.045], [0.18, 0.09, 0.0225]]);
        $read = $this->swatch($picture, ['card_x' => 0.25, 'card_y' => 0.5, 'x' => 0.75, 'y' => 0.5])->assertOk()->json();
        self::assertIsArray($read);
        // By hand: each channel times 0.18 over that of the card: 0.36, 0.18, 0.09.
        self::assertLessThan(1.0, ColourDifference::between(Srgb::ofLight(0.36, 0.18, 0.09)->lab(), Srgb::fromHex(is_string($read['hex']) ? $read['hex'] : '')->lab()));
        self::assertCount(3, (array) $read['nearest']);

        $this->assertRefused($this->swatch($picture, ['x' => 0.75, 'y' => 0.5]), 422, 'invalid', '/card_x');
        $this->assertRefused($this->swatch(self::picture([[0.0, 0.0, 0.0], [0.2, 0.2, 0.2]]), ['card_x' => 0.25, 'card_y' => 0.5, 'x' => 0.75, 'y' => 0.5]), 422, 'unusable-card', '/card_x');
        $this->assertRefused($this->swatch('no picture at all', ['card_x' => 0.25, 'card_y' => 0.5, 'x' => 0.75, 'y' => 0.5]), 422, 'not-a-picture', '/file');
    }

    public function test_one_picture_governs_and_colours_are_picked_from_it(): void
    {
        Storage::fake('given');
        $scheme = Scheme::query()->firstOrFail();
        $set = fn (string $bytes, int $version) => $this->upload("/schemes/{$scheme->id}/picture", $bytes, ['version' => $version]);
        $this->assertRefused($this->as($this->lead(), 'POST', "/schemes/{$scheme->id}/picture-points", ['x' => 0.5, 'y' => 0.5]), 422, 'no-picture', '/x');
        $set(self::picture([[0.2, 0.03, 0.02], [0.078, 0.171, 0.279]]), $scheme->version)->assertOk();

        /** @var PickedColour $picked */
        $picked = $this->answer($this->lead(), 'POST', "/schemes/{$scheme->id}/picture-points", ['x' => 0.75, 'y' => 0.5]);
        self::assertSame('Weir Blue', $picked['nearest'][0]['paint']);
        self::assertSame('image/jpeg', $this->as($this->isla(), 'GET', "/schemes/{$scheme->id}/picture")->headers->get('Content-Type'));
        $this->assertRefused($set(self::picture([[0.2, 0.2, 0.2]]), $scheme->version), 409, 'stale');
        $this->assertRefused($set('GIF89a no picture', $scheme->version + 1), 422, 'not-a-picture', '/file');
        $this->assertRefused($set(str_repeat('x', 9 * 1024 * 1024), $scheme->version + 1), 422, 'invalid', '/file');
        $this->assertRefused($this->as($this->lead(), 'POST', "/schemes/{$scheme->id}/picture-points", ['x' => 1.5, 'y' => 0.5]), 422, 'invalid', '/x');
    }

    private function paint(string $name): Paint
    {
        return Paint::query()->where('name', $name)->firstOrFail();
    }

    /** @return Shown */
    private function scheme(string $type): array
    {
        /** @var Shown */
        return $this->answer($this->lead(), 'GET', '/schemes/'.Scheme::query()->firstOrFail()->id."?type={$type}");
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function paintFile(string $name, string $content, bool $take): TestResponse
    {
        return $this->upload('/paint-files', $content, ['take' => $take ? '1' : '0'], $name);
    }

    /**
     * @param  array<string, float>  $places
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function swatch(string $picture, array $places): TestResponse
    {
        return $this->upload('/swatch-readings', $picture, $places);
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function upload(string $path, string $content, array $fields, string $name = 'picture.png'): TestResponse
    {
        // A guard remembers whom it has seen.
        Auth::forgetGuards();

        return $this->actingAs($this->lead(), 'web')->post("/api{$path}", ['file' => UploadedFile::fake()->createWithContent($name, $content), ...$fields], ['Accept' => 'application/json']);
    }

    /**
     * Stripes of linear light, side by side, as PNG.
     *
     * @param  non-empty-list<array{float, float, float}>  $stripes
     */
    private static function picture(array $stripes): string
    {
        $image = imagecreatetruecolor(100 * count($stripes), 100);
        self::assertNotFalse($image);
        foreach ($stripes as $at => [$red, $green, $blue]) {
            $bits = (int) hexdec(substr(Srgb::ofLight($red, $green, $blue)->hex(), 1));
            imagefilledrectangle($image, 100 * $at, 0, 100 * $at + 99, 99, $bits);
        }
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }
}
