<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\FigureTypes\TypeMaps;
use App\Models\Fault;
use App\Models\FigureType;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** Figure types laid out as pictures: taken, measured, kept by jobs, drawn, and pointed at. */
final class MapTest extends CheckTestCase
{
    private const AREAS = [
        ['name' => 'coat', 'surface' => 'cloth', 'weight' => 'large'],
        ['name' => 'belt', 'surface' => 'leather', 'weight' => 'small', 'features' => [['feature' => 'buckle', 'pieces' => 1]]],
        ['name' => 'boots', 'surface' => 'leather', 'weight' => 'small'],
    ];

    /** Ten rows of coat, two of belt, eight of boots, each ten wide. */
    private const FRONT = ['side' => 'front', 'width' => 10, 'height' => 20, 'areas' => ['coat', 'belt', 'boots'], 'runs' => '1 100 2 20 3 80', 'pieces' => [
        ['area' => 'belt', 'feature' => 'buckle', 'x' => 0.5, 'y' => 0.55, 'name' => 'anchor'],
    ]];

    private const BACK = ['side' => 'back', 'width' => 20, 'height' => 40, 'areas' => ['boots', 'coat'], 'runs' => '2 600 1 200'];

    public function test_a_type_is_made_with_its_maps_and_read_again(): void
    {
        $made = $this->make([self::FRONT, self::BACK]);
        $maps = $this->as($this->isla(), 'GET', "/figure-types/{$made}/maps")->json();

        self::assertSame([[...self::FRONT, 'picture' => null], [...self::BACK, 'picture' => null, 'pieces' => []]], array_map(static fn (mixed $map): array => self::inOrder((array) $map), (array) $maps));
    }

    public function test_pictures_say_shares_sides_and_neighbours(): void
    {
        $measured = $this->answer($this->lead(), 'POST', '/figure-types/measurement', ['areas' => self::AREAS, 'maps' => [self::FRONT, self::BACK]]);

        // Of two equal pictures the coat has 1/2 and 3/4, the boots 2/5 and 1/4, the belt 1/10 of one.
        self::assertSame([0.625, 0.05, 0.325], array_column((array) $measured['areas'], 'share'));
        self::assertSame([['front', 'left', 'back', 'right', 'above'], ['front', 'left', 'right', 'above'], ['front', 'left', 'back', 'right', 'above']], array_column((array) $measured['areas'], 'sides'));
        self::assertSame([['coat', 'coat', 'belt'], ['belt', 'boots', 'boots']], [array_column((array) $measured['borders'], 'area'), array_column((array) $measured['borders'], 'other')]);
        self::assertSame(['they meet in the picture (front), along 50 % of the height'], array_slice(array_column((array) $measured['borders'], 'words'), 0, 1));
        self::assertSame([[], ['front', 'back']], [$measured['not_laid_out'], $measured['sides']]);
    }

    public function test_what_is_no_map_is_refused_at_its_place_and_nothing_is_stored(): void
    {
        $make = fn (array $map): \Illuminate\Testing\TestResponse => $this->as($this->lead(), 'POST', '/figure-types', ['name' => 'X', 'size_class' => 'foot', 'areas' => self::AREAS, 'maps' => [self::BACK, [...self::FRONT, ...$map]]]);
        $before = FigureType::query()->count();

        $this->assertRefused($make(['side' => 'inside']), 422, 'invalid', '/maps/1/side');
        $this->assertRefused($make(['side' => 'back']), 422, 'duplicate-id', '/maps/1/side');
        $this->assertRefused($make(['width' => 4]), 422, 'map', '/maps/1/width');
        $this->assertRefused($make(['width' => 'wide']), 422, 'invalid', '/maps/1/width');
        $this->assertRefused($make(['runs' => '1 199']), 422, 'map', '/maps/1/runs');
        $this->assertRefused($make(['runs' => '1 100 4 100']), 422, 'map', '/maps/1/runs');
        $this->assertRefused($make(['runs' => '1 1e2']), 422, 'invalid', '/maps/1/runs');
        $this->assertRefused($make(['areas' => ['coat', 'belt', 'cape']]), 422, 'unknown-area', '/maps/1/areas/2');
        $this->assertRefused($make(['pieces' => [['area' => 'belt', 'feature' => 'buckle', 'x' => 1.2, 'y' => 0]]]), 422, 'out-of-range', '/maps/1/pieces/0/x');
        $this->assertRefused($make(['picture' => '../secret.jpg']), 422, 'unknown-picture', '/maps/1/picture');
        $this->assertRefused($this->as($this->isla(), 'POST', '/figure-types/measurement', ['areas' => self::AREAS, 'maps' => [self::FRONT]]), 403, 'not-allowed');
        self::assertSame($before, FigureType::query()->count());
    }

    public function test_a_change_without_maps_leaves_them_and_with_them_replaces_them(): void
    {
        $id = $this->make([self::FRONT, self::BACK]);
        $body = ['version' => 1, 'name' => 'Bosun', 'size_class' => 'foot', 'areas' => self::AREAS];
        $this->answer($this->lead(), 'PUT', "/figure-types/{$id}", $body);
        self::assertSame(['front', 'back'], array_column((array) $this->as($this->lead(), 'GET', "/figure-types/{$id}/maps")->json(), 'side'));
        $this->answer($this->lead(), 'PUT', "/figure-types/{$id}", [...$body, 'version' => 2, 'maps' => [[...self::BACK, 'side' => 'left']]]);

        self::assertSame(['left'], array_column((array) $this->as($this->lead(), 'GET', "/figure-types/{$id}/maps")->json(), 'side'));
    }

    public function test_an_area_that_is_taken_away_leaves_its_places_empty(): void
    {
        $id = $this->make([self::FRONT]);
        $this->answer($this->lead(), 'PUT', "/figure-types/{$id}", ['version' => 1, 'name' => 'Bosun', 'size_class' => 'foot', 'areas' => [self::AREAS[0], self::AREAS[2]]]);
        $maps = (array) $this->as($this->lead(), 'GET', "/figure-types/{$id}/maps")->json();

        self::assertSame([['coat', 'boots']], array_column($maps, 'areas'));
        self::assertSame(['1 100 0 20 2 80'], array_column($maps, 'runs'));
        self::assertSame([[]], array_column($maps, 'pieces'));
    }

    /** The picture is read with GD, which knows nothing of how it was written. */
    public function test_a_side_is_exported_as_a_picture_of_labels(): void
    {
        $id = $this->make([self::FRONT]);
        $png = (string) $this->as($this->isla(), 'GET', "/figure-types/{$id}/maps/front")->assertHeader('Content-Type', 'image/png')->getContent();
        $image = imagecreatefromstring($png);
        self::assertNotFalse($image);

        self::assertSame([10, 20, false], [imagesx($image), imagesy($image), imageistruecolor($image)]);
        self::assertSame([1, 1, 2, 2, 3, 3], array_map(static fn (int $y): int|false => imagecolorat($image, 9, $y), [0, 9, 10, 11, 12, 19]));
        self::assertStringContainsString("1 coat\n2 belt\n3 boots", $png);
        $this->assertRefused($this->as($this->isla(), 'GET', "/figure-types/{$id}/maps/above"), 404, 'not-found');
        $this->assertRefused($this->as($this->isla(), 'GET', "/figure-types/{$id}/maps/inside"), 404, 'not-found');
    }

    public function test_outlines_are_drawn_of_the_studios_type_and_of_a_jobs_copy(): void
    {
        $id = $this->make([self::FRONT]);
        $sides = (array) $this->as($this->isla(), 'GET', "/figure-types/{$id}/outlines")->json();

        self::assertSame([[
            ['area' => 'coat', 'path' => 'M10 10L0 10L0 0L10 0Z', 'x' => 5, 'y' => 0.5],
            ['area' => 'belt', 'path' => 'M0 10L10 10L10 12L0 12Z', 'x' => 5, 'y' => 10.5],
            ['area' => 'boots', 'path' => 'M0 12L10 12L10 20L0 20Z', 'x' => 5, 'y' => 12.5],
        ]], array_column($sides, 'areas'));
        self::assertSame(['front', 'left', 'back', 'right'], array_column((array) $this->as($this->isla(), 'GET', "/figure-types/{$this->copy()->id}/outlines")->json(), 'side'));
    }

    public function test_a_job_takes_a_new_map_with_the_type(): void
    {
        $type = FigureType::query()->whereNull('job_id')->where('key', 'lamplighter')->firstOrFail();
        $draft = $this->answer($this->lead(), 'GET', "/figure-types/{$type->id}");
        $maps = (array) $this->as($this->lead(), 'GET', "/figure-types/{$type->id}/maps")->json();
        $this->answer($this->lead(), 'PUT', "/figure-types/{$type->id}", [...$draft, 'maps' => array_slice($maps, 0, 2)]);
        $types = (array) $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/figure-types")['types'];

        self::assertContains([['area' => null, 'what' => 'no longer laid out: back, right']], array_column($types, 'changes'));
        $this->answer($this->lead(), 'POST', "/jobs/{$this->job()->id}/figure-types/{$this->copy()->id}", ['version' => $this->job()->refresh()->version]);
        self::assertCount(2, $this->app->make(TypeMaps::class)->of($this->copy()));
    }

    public function test_a_picture_to_outline_on_is_kept_while_a_type_has_it(): void
    {
        Storage::fake();
        $picture = $this->upload();
        $id = $this->make([[...self::FRONT, 'picture' => $picture]]);
        $this->as($this->isla(), 'GET', "/figure-pictures/{$picture}")->assertHeader('Content-Type', 'image/jpeg');
        $this->assertRefused($this->as($this->stranger(), 'GET', "/figure-pictures/{$picture}"), 404, 'not-found');
        $this->answer($this->lead(), 'PUT', "/figure-types/{$id}", ['version' => 1, 'name' => 'Bosun', 'size_class' => 'foot', 'areas' => self::AREAS, 'maps' => [self::FRONT]]);

        $this->assertRefused($this->as($this->isla(), 'GET', "/figure-pictures/{$picture}"), 404, 'not-found');
    }

    public function test_a_flaw_is_placed_where_it_was_pointed_at_and_its_record_says_so(): void
    {
        $check = $this->open($this->figure('1st Lamplighters', 3));
        $flaw = ['flaw' => 'stray-dot', 'area' => 'oilskin coat', 'side' => 'front', 'size_mm' => 0.1];
        $refuse = fn (array $place): \Illuminate\Testing\TestResponse => $this->as($this->deputy(), 'POST', "/checks/{$check['id']}/flaws", [...$flaw, ...$place, 'version' => $check['version']]);
        $this->assertRefused($refuse(['x' => 1.5, 'y' => 0]), 422, 'invalid', '/x');
        $this->assertRefused($refuse(['x' => 0.5]), 422, 'invalid', '/y');
        $this->assertRefused($refuse(['x' => 0.5, 'y' => 0.5, 'side' => 'above']), 422, 'no-map', '/x');
        $noted = $this->act($check, 'flaws', [...$flaw, 'x' => 0.5, 'y' => 0.25]);

        self::assertSame([['x' => 0.5, 'y' => 0.25]], array_column($noted['faults'], 'place'));
        $record = $this->signed($this->figure('1st Lamplighters', 3));
        $shown = $this->answer($this->deputy(), 'GET', "/sign-offs/{$record->id}");
        $rounds = is_array($shown['record']) && is_array($shown['record']['rounds']) ? $shown['record']['rounds'] : [];
        self::assertSame([['x' => 0.5, 'y' => 0.25]], array_merge(...array_map(static fn (mixed $round): array => is_array($round) ? array_column((array) $round['faults'], 'place') : [], array_values($rounds))));
    }

    public function test_the_database_holds_a_place_whole_and_on_the_picture(): void
    {
        $check = $this->act($this->open($this->figure('1st Lamplighters', 3)), 'flaws', ['flaw' => 'stray-dot', 'area' => 'oilskin coat', 'side' => 'front', 'size_mm' => 0.1]);
        $fault = Fault::query()->where('check_id', $check['id'])->firstOrFail();
        foreach ([['x' => 0.5], ['x' => 0.5, 'y' => 1.1], ['x' => 0.5, 'y' => 0.5, 'side' => null]] as $wrong) {
            try {
                DB::table('faults')->where('id', $fault->id)->update($wrong);
                self::fail('It was taken.');
            } catch (\Illuminate\Database\QueryException $refusal) {
                self::assertMatchesRegularExpression('/faults_(place|flaw)/', $refusal->getMessage());
            }
        }
    }

    private function copy(): FigureType
    {
        return FigureType::query()->where('job_id', $this->job()->id)->where('key', 'lamplighter')->firstOrFail();
    }

    /** @param  list<array<string, mixed>>  $maps */
    private function make(array $maps): int
    {
        $made = $this->answer($this->lead(), 'POST', '/figure-types', ['name' => 'Bosun', 'size_class' => 'foot', 'areas' => self::AREAS, 'maps' => $maps]);
        self::assertIsInt($made['id']);

        return $made['id'];
    }

    private function upload(): string
    {
        ob_start();
        imagepng(imagecreatetruecolor(30, 40));
        $file = UploadedFile::fake()->createWithContent('figure.png', (string) ob_get_clean());
        $this->app->make('auth')->forgetGuards();
        $picture = $this->actingAs($this->lead())->post('/api/figure-pictures', ['file' => $file], ['Accept' => 'application/json'])->assertCreated()->json('picture');
        self::assertIsString($picture);

        return $picture;
    }

    /**
     * @param  array<array-key, mixed>  $map
     * @return array<string, mixed> its members in the order of what was sent
     */
    private static function inOrder(array $map): array
    {
        $ordered = [];
        foreach ($map['side'] === 'front' ? [...self::FRONT, 'picture' => null] : [...self::BACK, 'picture' => null, 'pieces' => []] as $member => $sent) {
            $ordered[$member] = $map[$member] ?? null;
        }

        return $ordered;
    }
}
