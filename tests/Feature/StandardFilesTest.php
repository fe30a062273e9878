<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Standards\StandardLibrary;
use App\Models\StandardVersion;
use App\Models\User;
use App\Models\VersionState;
use Core\Standard\TechniqueUse;
use Core\Standard\UseWords;
use Document\Standard\UseReader;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Core\Support\SmallStandard;

/** Files, pasted columns and starting ladders. */
final class StandardFilesTest extends TestCase
{
    public function test_a_file_is_shown_beside_what_is_there_before_it_is_taken(): void
    {
        $document = $this->house();
        $document['version'] = '2027.1';
        $document['tiers'][1]['budget_minutes'] = 41;
        $preview = $this->upload('/standard-file-previews', (string) json_encode($document));

        $preview->assertOk()->assertJsonPath('against', '2026.1')->assertJsonPath('lines.0.sentence', 'Muster: budget in minutes from 28 to 41');
        self::assertSame(1, StandardVersion::query()->count());
        $this->upload('/standard-files', (string) json_encode($document), ['label' => '2027.2'])->assertCreated()->assertJsonPath('version', '2027.2');
        self::assertSame(VersionState::Draft, StandardVersion::query()->where('label', '2027.2')->firstOrFail()->state);
    }

    public function test_a_file_takes_the_place_of_the_draft_that_is_there(): void
    {
        $this->answer($this->lead(), 'POST', '/standards', ['from' => StandardVersion::query()->firstOrFail()->id]);
        $document = ['version' => '2030.1'] + $this->house();
        $this->upload('/standard-files', (string) json_encode($document))->assertCreated();

        self::assertSame(['2026.1', '2030.1'], StandardVersion::query()->orderBy('label')->pluck('label')->all());
    }

    public function test_a_bad_file_names_every_error_by_its_pointer_and_stores_nothing(): void
    {
        $document = SmallStandard::with([
            '/tiers/2' => SmallStandard::tier('plain', 1),
            '/requirements/0' => ['tier' => 'gold', 'surface' => 'cloth', 'uses' => [['technique' => 'sponge', 'each' => 2]]],
            '/surfaces/0/name' => '',
        ]);
        foreach (['/standard-file-previews', '/standard-files'] as $path) {
            $response = $this->upload($path, (string) json_encode($document));
            $response->assertStatus(422);
            self::assertEqualsCanonicalizing(
                ['/tiers/2/id', '/tiers/2/rank', '/requirements/0/tier', '/requirements/0/uses/0/technique', '/requirements/0/uses/0/each', '/surfaces/0/name'],
                array_column((array) $response->json('error.problems'), 'path'),
            );
        }
        self::assertSame(1, StandardVersion::query()->count());
    }

    public function test_what_is_no_standard_or_of_a_later_format_is_refused(): void
    {
        foreach (['' => 'bad-json', "\xff\xfe" => 'bad-json', 'unit,count' => 'bad-json', '[]' => 'wrong-type', (string) json_encode(['format' => 'ordotype-standard/2'] + $this->house()) => 'unknown-value'] as $text => $code) {
            $this->assertRefused($this->upload('/standard-file-previews', $text), 422, $code);
        }
        $this->assertRefused($this->as($this->lead(), 'POST', '/standard-files'), 422, 'invalid', '/file');
    }

    public function test_a_file_with_the_label_of_a_version_that_stays_is_refused_at_its_label(): void
    {
        $this->assertRefused($this->upload('/standard-files', (string) json_encode($this->house())), 422, 'version-exists', '/version');
    }

    public function test_optional_members_come_back_as_they_went_in(): void
    {
        $document = ['name' => 'Full', 'version' => '9'] + SmallStandard::with([
            '/surfaces/1' => ['id' => 'cloth', 'name' => 'Cloth', 'note' => 'folds', 'group' => 'clothing', 'plate' => 'fold', 'schools' => ['lights' => 'where-light-falls']],
            '/techniques/4/comes_after' => [['technique' => 'base', 'why' => 'drying', 'needed' => true]],
            '/techniques/4/prone_to' => ['hard step'],
            '/techniques/9/sheen' => 'matt',
            '/tiers/0/purpose' => 'played',
            '/tiers/0/value_span' => 30.5,
            '/tiers/0/price' => ['list' => ['foot' => 1200]],
            '/tiers/1/price' => ['hourly' => 0],
            '/tiers/1/checked_by' => 'lead',
            '/requirements/1/menu' => [['id' => 'm', 'uses' => ['light', 'buckles'], 'choose' => 1]],
            '/requirements/1/criteria/0/size_mm' => 0.4,
            '/requirements/1/criteria/0/presumes' => ['pools' => 'fault'],
            '/reference/name' => 'coat',
            '/schools' => ['pools' => 'fault'],
            '/accepted' => [['code' => 'undecided', 'tier' => 'rich', 'surface' => 'marking', 'reason' => 'later']],
            '/notes' => 'For a test.',
        ]);
        $this->upload('/standard-files', (string) json_encode($document))->assertCreated();
        $version = StandardVersion::query()->where('state', 'draft')->firstOrFail();

        self::assertEquals(json_decode((string) json_encode($document)), json_decode((string) $this->as($this->lead(), 'GET', "/standards/{$version->id}/document")->getContent()));
    }

    public function test_the_matrix_goes_out_as_csv_and_its_columns_come_in_again(): void
    {
        $version = StandardVersion::query()->firstOrFail();
        $csv = (string) $this->as($this->lead(), 'GET', "/standards/{$version->id}/matrix")->assertOk()->getContent();
        $stream = fopen('php://memory', 'r+');
        self::assertIsResource($stream);
        fwrite($stream, $csv);
        rewind($stream);
        $rows = [];
        while (($row = fgetcsv($stream, null, ',', '"', '')) !== false) {
            $rows[] = $row;
        }

        self::assertSame(['Surface', 'Drill', 'Muster', 'Watch', 'Guard', 'Banner', 'Cabinet', 'Open brief'], $rows[0]);
        self::assertCount(18, $rows);
        $column = implode("\n", array_map(static fn (array $row): string => $row[0]."\t\"".str_replace('"', '""', (string) $row[4]).'"', $rows));
        $read = $this->answer($this->lead(), 'POST', "/standards/{$version->id}/columns", ['text' => $column]);
        self::assertSame([], $read['problems']);
        self::assertIsArray($read['cells']);
        self::assertCount(17, $read['cells']);
        $cloth = current(array_filter($read['cells'], static fn (mixed $cell): bool => is_array($cell) && $cell['surface'] === 'cloth'));
        self::assertEquals(['surface' => 'cloth', 'uses' => [['technique' => 'base', 'coats' => 2], ['technique' => 'wash'], ['technique' => 'layer', 'steps' => 2]]], $cloth);
    }

    public function test_what_a_layer_says_to_people_comes_in_as_it_went_out(): void
    {
        $version = StandardVersion::query()->firstOrFail();
        $uses = [
            ['technique' => 'base', 'coats' => 2, 'coats_to' => 3, 'not_places' => ['round the eyes', 'inside the hood'], 'only_if' => 'it is thin'],
            ['technique' => 'layer', 'steps' => 2, 'steps_to' => 4, 'in_turn_with' => 'base'],
        ];
        $words = array_map(static fn (TechniqueUse $use): string => UseWords::degree($use), (new UseReader($this->app->make(StandardLibrary::class)->of($version->id)))->uses($uses, ''));
        $read = $this->answer($this->lead(), 'POST', "/standards/{$version->id}/columns", ['text' => "Cloth\tBase coat ({$words[0]}); Layer ({$words[1]})\nWhole figure\tMatt varnish (not over lens, not over metal)"]);

        self::assertSame([], $read['problems']);
        self::assertEquals([['surface' => 'cloth', 'uses' => $uses], ['surface' => 'whole', 'uses' => [['technique' => 'matt', 'except' => ['lens', 'metal']]]]], $read['cells']);
    }

    public function test_a_pasted_column_is_read_with_its_degrees_and_what_is_wrong_is_told_by_line(): void
    {
        $version = StandardVersion::query()->firstOrFail();
        $text = "Surface\tGuard\nCloth\tBase coat (2 coats, 12 min); Layer or Drybrush (2 steps, upper parts only, hem, shoulders)\nMarking\tnot asked for\nSilk\tBase coat\nRim\tGold leaf\nHair, fur, feather\t\nFace\tPaint the eye (each eye); Paint the eye";
        $read = $this->answer($this->lead(), 'POST', "/standards/{$version->id}/columns", ['text' => $text]);

        self::assertEquals([
            ['surface' => 'cloth', 'uses' => [['technique' => 'base', 'coats' => 2, 'minutes' => 12], ['id' => 'layer', 'any_of' => ['layer', 'drybrush'], 'steps' => 2, 'extent' => 'upper', 'places' => ['hem', 'shoulders']]]],
            ['surface' => 'marking', 'uses' => []],
            ['surface' => 'rim', 'uses' => []],
            ['surface' => 'face', 'uses' => [['technique' => 'eye', 'feature' => 'eye'], ['id' => 'eye-2', 'technique' => 'eye']]],
        ], $read['cells']);
        self::assertSame([4, 5], array_column((array) $read['problems'], 'line'));
    }

    public function test_each_starting_ladder_begins_a_draft_without_findings(): void
    {
        $lead = $this->newStudio();
        $ladders = $this->answer($lead, 'GET', '/ladders');
        self::assertSame(['four' => 4, 'five' => 5, 'seven' => 7, 'empty' => 0], array_column($ladders, 'tiers', 'id'));
        foreach (['four', 'five', 'seven', 'empty'] as $ladder) {
            $row = $this->answer($lead, 'POST', '/standards', ['ladder' => $ladder]);
            $sheet = $this->answer($lead, 'GET', '/standards/'.self::number($row['id']));
            self::assertSame([], $sheet['findings'], $ladder);
            if ($ladder === 'empty') {
                $this->assertRefused($this->as($lead, 'POST', '/standards/'.self::number($row['id']).'/in-force', ['revision' => 0, 'why' => 'x']), 422, 'no-tier');
            }
            $this->answer($lead, 'DELETE', '/standards/'.self::number($row['id']));
        }
        $this->assertRefused($this->as($lead, 'POST', '/standards', ['ladder' => 'nine']), 422, 'unknown-ladder', '/ladder');
    }

    public function test_plates_are_drawn_for_each_tier_that_asks_and_for_each_extent(): void
    {
        $version = StandardVersion::query()->firstOrFail();
        $plates = $this->answer($this->isla(), 'GET', "/standards/{$version->id}/plates?surface=marking");
        self::assertSame(['guard', 'banner', 'cabinet', 'open'], array_column($plates, 'tier'));
        $extents = $this->answer($this->isla(), 'GET', "/standards/{$version->id}/extents?surface=plate&technique=edge-line");
        $pictures = array_map(static fn (mixed $plate): string => json_encode(is_array($plate) ? $plate['picture'] : null, JSON_THROW_ON_ERROR), $extents);
        self::assertSame(['spot', 'focal', 'upper', 'every'], array_column($extents, 'tier'));
        self::assertCount(4, array_unique($pictures), 'each is another picture');

        $this->assertRefused($this->as($this->isla(), 'GET', "/standards/{$version->id}/plates?surface=silk"), 422, 'unknown-surface');
    }

    public function test_where_a_use_of_the_whole_figure_lies_is_told_for_the_picture_of_it(): void
    {
        $version = StandardVersion::query()->firstOrFail();
        $asked = "/standards/{$version->id}/lies-among?tier=muster&technique=wash";
        $place = $this->answer($this->isla(), 'GET', "{$asked}&stage=light&except[]=lens");

        self::assertStringStartsWith('Over lay-in', is_string($place['say']) ? $place['say'] : '');
        self::assertContains('Lens, gem, lamp', (array) $place['spared']);
        self::assertNotContains('Lens, gem, lamp', array_column((array) $place['surfaces'], 'surface'));
        $this->assertRefused($this->as($this->isla(), 'GET', "{$asked}&stage=late"), 422, 'unknown-stage', '/stage');
        $this->assertRefused($this->as($this->isla(), 'GET', "{$asked}x"), 422, 'unknown-technique');
        $this->assertRefused($this->as($this->isla(), 'GET', "/standards/{$version->id}/lies-among?tier=gold&technique=wash"), 422, 'unknown-tier');
    }

    public function test_two_tiers_are_compared_in_a_pdf_for_a_client(): void
    {
        $version = StandardVersion::query()->firstOrFail();
        $path = "/standards/{$version->id}/comparison";

        self::assertStringStartsWith('%PDF-1.', $this->paper($this->lead(), $path, ['left' => 'drill', 'right' => 'muster']));
        $this->assertRefused($this->as($this->lead(), 'POST', $path, ['left' => 'gold', 'right' => 'muster']), 422, 'unknown-tier');
        $this->assertRefused($this->as($this->lead(), 'POST', $path, ['left' => 'drill', 'right' => 'gold']), 422, 'unknown-tier');
        $this->assertRefused($this->as($this->isla(), 'POST', $path, ['left' => 'drill', 'right' => 'muster']), 403, 'not-allowed');
    }

    private static function number(mixed $value): int
    {
        return is_int($value) ? $value : self::fail('This is no number.');
    }

    private function newStudio(): User
    {
        $studio = DB::table('studios')->insertGetId(['name' => 'New']);

        return User::query()->create(['studio_id' => $studio, 'name' => 'Founder', 'email' => 'founder@new.example', 'role' => 'lead', 'password' => 'x'])->refresh();
    }

    /**
     * @param  array<string, string>  $fields
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function upload(string $path, string $text, array $fields = []): TestResponse
    {
        return $this->actingAs($this->lead(), 'web')->post("/api{$path}", ['file' => UploadedFile::fake()->createWithContent('standard.json', $text)] + $fields, ['Accept' => 'application/json']);
    }

    /** @return array<string, mixed>&array{tiers: list<array<string, mixed>>} */
    private function house(): array
    {
        $document = json_decode((string) file_get_contents(database_path('demo/kittiwake-standard.json')), true);
        self::assertIsArray($document);

        /** @var array<string, mixed>&array{tiers: list<array<string, mixed>>} */
        return $document;
    }
}
