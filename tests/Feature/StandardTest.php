<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Standard;
use App\Models\StandardVersion;
use App\Models\VersionState;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Core\Support\SmallStandard;

final class StandardTest extends TestCase
{
    public function test_the_sheet_tells_asked_not_asked_and_undecided_apart(): void
    {
        $sheet = $this->sheet();
        $state = static fn (string $tier, string $surface): mixed => current(array_filter((array) $sheet['cells'], static fn (mixed $cell): bool => is_array($cell) && $cell['tier'] === $tier && $cell['surface'] === $surface))['state'] ?? null;

        self::assertSame(['not-asked', 'undecided', 'asked'], [$state('muster', 'marking'), $state('watch', 'marking'), $state('guard', 'marking')]);
        self::assertCount(7, (array) $sheet['tiers']);
        self::assertCount(7 * 17, (array) $sheet['cells']);
    }

    public function test_findings_stand_at_their_cell_with_a_why(): void
    {
        $sheet = $this->sheet();
        $findings = (array) $sheet['findings'];

        self::assertSame([['undecided', 'watch', 'marking'], ['over-budget', 'guard', null], ['undecided-in-use', 'watch', 'marking'], ['beyond-minutes', 'guard', 'cloth']], array_map(static fn (mixed $finding): array => is_array($finding) ? [$finding['code'], $finding['tier'], $finding['surface']] : [], $findings));
        self::assertNotEmpty(is_array($findings[0]) && is_array($findings[0]['why']) ? $findings[0]['why']['rule'] : '');
    }

    public function test_the_head_of_a_tier_says_the_smallest_flaw_that_counts(): void
    {
        $muster = current(array_filter((array) $this->sheet()['tiers'], static fn (mixed $tier): bool => is_array($tier) && $tier['key'] === 'muster'));
        self::assertIsArray($muster);

        // 3 minutes of arc at 900 mm: 2 × 900 × tan(1.5′) = 0.785 mm.
        self::assertEqualsWithDelta(0.7854, $muster['smallest_mm'], 1e-4);
    }

    public function test_the_export_equals_the_import_as_json_values(): void
    {
        $version = StandardVersion::query()->firstOrFail();
        $exported = json_decode((string) $this->as($this->lead(), 'GET', "/standards/{$version->id}/document")->getContent());
        $imported = json_decode((string) file_get_contents(database_path('demo/kittiwake-standard.json')));

        self::assertEquals($imported, $exported);
    }

    public function test_members_left_out_stay_left_out_and_spelled_out_ones_stay_spelled_out(): void
    {
        $document = $this->small();
        $document['surfaces'] = [['id' => 'cloth', 'name' => 'Cloth', 'needs_lay_in' => true], ['id' => 'skin', 'name' => 'Skin']];
        $document['techniques'] = [['id' => 'base', 'name' => 'Base', 'group' => 'lay-in', 'opacity' => 'opaque', 'dry' => 0, 'replaces' => []], ['id' => 'stain', 'name' => 'Stain', 'group' => 'lay-in', 'opacity' => 'transparent', 'replaces' => ['base']]];
        $document['requirements'] = [
            ['tier' => 'plain', 'surface' => 'cloth', 'uses' => [['id' => 'cover', 'any_of' => ['stain', 'base'], 'coats' => 1, 'places' => [], 'cover' => 0.25, 'extent' => 'every']], 'criteria' => [['id' => 'c', 'text' => 'Covered.', 'severity' => 'minor', 'uses' => []]]],
            ['tier' => 'plain', 'surface' => 'skin', 'uses' => [['technique' => 'base', 'feature' => 'eye', 'each' => 0.5]], 'criteria' => []],
        ];
        $document['reference'] = ['size' => 1.5, 'areas' => [['id' => 'a', 'surface' => 'cloth', 'share' => 0.5, 'features' => (object) []], ['id' => 'b', 'surface' => 'skin', 'share' => 0.5]]];
        self::assertSame(0, $this->load((string) json_encode($document))[0]);
        $version = StandardVersion::query()->orderByDesc('id')->firstOrFail();

        self::assertEquals(json_decode((string) json_encode($document)), json_decode((string) $this->as($this->lead(), 'GET', "/standards/{$version->id}/document")->getContent()));
        self::assertSame(VersionState::Draft, $version->state);
    }

    public function test_a_bad_file_names_every_error_with_its_place_and_stores_nothing(): void
    {
        $before = DB::table('standard_versions')->count();
        $document = SmallStandard::with([
            '/tiers/2' => SmallStandard::tier('plain', 1),
            '/requirements/0' => ['tier' => 'gold', 'surface' => 'cloth', 'uses' => [['technique' => 'sponge', 'each' => 2]]],
        ]);

        [$status, $output] = $this->load((string) json_encode($document));
        self::assertSame(1, $status);
        foreach (['/tiers/2/id', '/tiers/2/rank', '/requirements/0/tier', '/requirements/0/uses/0/technique', '/requirements/0/uses/0/each', '5 errors'] as $place) {
            self::assertStringContainsString($place, $output);
        }
        self::assertSame($before, DB::table('standard_versions')->count());
    }

    public function test_errors_of_shape_are_told_all_at_once(): void
    {
        $document = SmallStandard::with(['/tires' => [], '/version' => SmallStandard::GONE, '/tiers/0/distance_mm' => 'far']);

        [$status, $output] = $this->load((string) json_encode($document));
        self::assertSame(1, $status);
        foreach (['/tires', '/version', '/tiers/0/distance_mm'] as $place) {
            self::assertStringContainsString($place, $output);
        }
    }

    public function test_what_is_no_standard_is_refused(): void
    {
        foreach (['not json', '', "\xff\xfe", '{"format":"ordotype-standard/2"}', '[]'] as $text) {
            [$status, $output] = $this->load($text);
            self::assertSame(1, $status);
            self::assertStringContainsString('nothing was stored', $output);
        }
    }

    public function test_names_that_are_too_long_for_the_database_are_refused_at_their_place(): void
    {
        $document = SmallStandard::with(['/tiers/0/name' => str_repeat('x', 300)]);

        [$status, $output] = $this->load((string) json_encode($document));
        self::assertSame(1, $status);
        self::assertStringContainsString('/tiers/0/name', $output);
    }

    public function test_a_version_that_is_there_already_is_refused(): void
    {
        [$status, $output] = $this->load((string) file_get_contents(database_path('demo/kittiwake-standard.json')));
        self::assertSame(1, $status);
        self::assertStringContainsString('has a version "2026.1" already', $output);
    }

    public function test_one_version_is_in_force_and_the_one_before_retires(): void
    {
        $document = str_replace('"2026.1"', '"2026.2"', (string) file_get_contents(database_path('demo/kittiwake-standard.json')));
        [$status, $output] = $this->load($document, true);
        self::assertSame(0, $status);

        self::assertSame(['2026.1' => VersionState::Retired, '2026.2' => VersionState::InForce], StandardVersion::query()->orderBy('label')->pluck('state', 'label')->all());
        self::assertSame(1, Standard::query()->count());
    }

    /** @return array<array-key, mixed> */
    private function sheet(): array
    {
        return $this->answer($this->isla(), 'GET', '/standards/'.StandardVersion::query()->firstOrFail()->id);
    }

    /** @return array<string, mixed> */
    private function small(): array
    {
        return [
            'format' => 'ordotype-standard/1', 'name' => 'Small', 'version' => '1',
            'surfaces' => [['id' => 'cloth', 'name' => 'Cloth']], 'techniques' => [],
            'tiers' => [['id' => 'plain', 'name' => 'Plain', 'rank' => 1, 'distance_mm' => 700, 'sides' => ['front'], 'look_minutes' => 1, 'limits' => ['critical' => 0, 'major' => 1, 'minor' => 1], 'colour_tolerance' => 5, 'budget_minutes' => 10, 'by_agreement' => false, 'retired' => false]],
            'requirements' => [],
        ];
    }

    /** @return array{int, string} status and what was printed */
    private function load(string $text, bool $inForce = false): array
    {
        $file = tempnam(sys_get_temp_dir(), 'standard');
        self::assertIsString($file);
        file_put_contents($file, $text);
        $this->withoutMockingConsoleOutput();
        $status = $this->artisan('standard:load', ['file' => $file, '--studio' => 'Kittiwake Row', '--in-force' => $inForce]);
        unlink($file);
        self::assertIsInt($status);

        return [$status, Artisan::output()];
    }
}
