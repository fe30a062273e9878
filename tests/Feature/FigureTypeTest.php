<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Composing\JobFigures;
use App\Models\AreaTier;
use App\Models\Figure;
use App\Models\FigureType;
use App\Models\Tier;
use Core\Plan\FigureState;
use Illuminate\Support\Facades\DB;

/**
 * Figure types of the studio: taken down, changed, retired; and the copies that jobs keep.
 *
 * @phpstan-import-type TypeAreaDraft from \App\Http\FigureTypes\FigureTypeResource
 * @phpstan-import-type JobType_ from \App\Http\Jobs\JobTypesResource
 */
final class FigureTypeTest extends TestCase
{
    private const BOSUN = ['name' => 'Bosun', 'size_class' => 'foot', 'areas' => [
        ['name' => 'coat', 'surface' => 'cloth', 'weight' => 'large', 'neighbours' => ['belt']],
        ['name' => 'belt', 'surface' => 'leather', 'weight' => 'small', 'features' => [['feature' => 'buckle', 'pieces' => 1]]],
        ['name' => 'face', 'surface' => 'face', 'share' => 0.1, 'focal' => true, 'part' => 'head', 'sides' => ['front'], 'depth' => 2, 'places' => ['brow', 'chin']],
        ['name' => 'teeth', 'surface' => 'bone', 'weight' => 'tiny', 'on' => 'face'],
    ]];

    public function test_a_type_is_made_and_read_again_as_it_was_said(): void
    {
        $made = $this->answer($this->lead(), 'POST', '/figure-types', self::BOSUN);
        $read = $this->answer($this->isla(), 'GET', '/figure-types/'.$this->number($made, 'id'));

        self::assertSame($made, $read);
        self::assertSame(['Bosun', 'bosun', false, 1], [$read['name'], $read['key'], $read['retired'], $read['version']]);
        self::assertSame(['name' => 'face', 'surface' => 'face', 'weight' => null, 'share' => 0.1, 'focal' => true, 'part' => 'head', 'depth' => 2, 'sides' => ['front'], 'on' => null, 'neighbours' => [], 'features' => [], 'places' => ['brow', 'chin'], 'unsure' => false], $this->areas($read)[2]);
        self::assertSame(['face', ['face'], 'tiny'], [$this->areas($read)[3]['on'], $this->areas($read)[3]['neighbours'], $this->areas($read)[3]['weight']]);
        self::assertEqualsWithDelta([0.9 * 27 / 31, 0.9 * 3 / 31, 0.1, 0.9 / 31], array_column($this->areas($read), 'share'), 1e-9);
    }

    public function test_a_sculpt_whose_details_run_together_takes_longer_and_no_more_paint_or_money(): void
    {
        $figure = $this->figure('1st Lamplighters', 2);
        $before = $this->app->make(JobFigures::class)->ofFigure($figure);
        $made = $this->answer($this->lead(), 'POST', '/figure-types', ['difficulty' => 'runs-together'] + self::BOSUN);
        self::assertSame('runs-together', $made['difficulty']);
        self::assertSame('usual', $this->answer($this->lead(), 'PUT', '/figure-types/'.$this->number($made, 'id'), ['version' => 1] + self::BOSUN)['difficulty'], 'as most are, where nothing is said');
        $this->assertRefused($this->as($this->lead(), 'POST', '/figure-types', ['difficulty' => 'dreadful', 'name' => 'Mate'] + self::BOSUN), 422, 'invalid', '/difficulty');

        FigureType::query()->whereKey($before->typeId())->update(['difficulty' => 'runs-together']);
        $after = $this->app->make(JobFigures::class)->ofFigure($figure);
        self::assertGreaterThan($before->composition->minutes * 1.05, $after->composition->minutes);
        self::assertSame($before->type->sizeClass, $after->type->sizeClass, 'by which it is priced, and paint is measured');
    }

    public function test_a_list_is_read_against_the_standard_in_force(): void
    {
        $read = $this->answer($this->lead(), 'POST', '/figure-types/area-list', ['text' => "coat;cloth?;large\nface;face;small;;coat;2 eyes;;head;brow, chin\nhat;felt;m"]);

        self::assertSame([['/areas/2/surface', 3]], array_map(static fn (mixed $problem): array => is_array($problem) ? [$problem['path'], $problem['line']] : [], (array) $read['problems']));
        self::assertSame([[['feature' => 'eye', 'pieces' => 2]], 'head', ['brow', 'chin']], [$this->areas($read)[1]['features'], $this->areas($read)[1]['part'], $this->areas($read)[1]['places']]);
        self::assertSame([['cloth', true], ['face', false]], array_map(static fn (array $area): array => [$area['surface'], $area['unsure']], array_slice($this->areas($read), 0, 2)), 'a question mark: a guess');
        $kept = $this->answer($this->lead(), 'POST', '/figure-types', ['areas' => [['unsure' => true] + self::BOSUN['areas'][0], self::BOSUN['areas'][1]]] + self::BOSUN);
        self::assertSame([true, false], array_column($this->areas($kept), 'unsure'));
    }

    public function test_an_outline_says_what_follows_and_stores_nothing(): void
    {
        $before = FigureType::query()->count();
        $outline = $this->answer($this->lead(), 'POST', '/figure-types/outline', ['areas' => [...self::BOSUN['areas'], ['name' => 'neck', 'surface' => 'skin', 'weight' => 'tiny', 'part' => 'head']]]);

        self::assertSame([['area' => 'face', 'other' => 'neck', 'why' => 'a face goes over into the neck']], $outline['usual']);
        self::assertSame([3, 2, 2, 2, 1], array_column($this->areas($outline), 'depth'));
        self::assertSame($before, FigureType::query()->count());
    }

    public function test_what_cannot_be_is_refused_at_its_place(): void
    {
        $make = /** @param  list<array<string, mixed>>  $areas */ fn (array $areas) => $this->as($this->lead(), 'POST', '/figure-types', ['areas' => $areas] + self::BOSUN);
        $coat = ['name' => 'coat', 'surface' => 'cloth', 'weight' => 'large'];

        $this->assertRefused($make([$coat, ['name' => 'a', 'surface' => 'cloth', 'share' => 1.2]]), 422, 'invalid', '/areas/1/share');
        $this->assertRefused($make([$coat, ['name' => 'a', 'surface' => 'cloth', 'share' => 0]]), 422, 'invalid', '/areas/1/share');
        $this->assertRefused($make([$coat, ['name' => 'a', 'surface' => 'cloth']]), 422, 'invalid', '/areas/1/weight');
        $this->assertRefused($make([$coat, ['name' => 'a', 'surface' => 'whole', 'weight' => 'tiny']]), 422, 'invalid', '/areas/1/surface');
        $this->assertRefused($make([$coat, ['name' => 'a', 'surface' => 'cloth', 'share' => 1]]), 422, 'shares', '/areas/0/weight');
        $this->assertRefused($make([$coat, ['name' => 'a', 'surface' => 'cloth', 'weight' => 'tiny', 'neighbours' => ['b']]]), 422, 'unknown-area', '/areas/1/neighbours/0');
        $this->assertRefused($make([['on' => 'a'] + $coat, ['name' => 'a', 'surface' => 'cloth', 'weight' => 'tiny', 'on' => 'coat']]), 422, 'cycle', '/areas/0/on');
        $this->assertRefused($make(array_fill(0, 61, $coat)), 422, 'invalid', '/areas');
        $this->assertRefused($make([['sides' => []] + $coat]), 422, 'invalid', '/areas/0/sides');
        $this->assertRefused($make([['depth' => -1] + $coat]), 422, 'invalid', '/areas/0/depth');
        $this->assertRefused($make([['places' => ['hem', 'Hem']] + $coat]), 422, 'duplicate-place', '/areas/0/places/1');
        $this->assertRefused($make([['places' => ['']] + $coat]), 422, 'invalid', '/areas/0/places/0');
    }

    public function test_a_type_is_changed_in_place_and_two_at_once_are_told(): void
    {
        $made = $this->answer($this->lead(), 'POST', '/figure-types', self::BOSUN);
        $path = '/figure-types/'.$this->number($made, 'id');
        $ids = DB::table('figure_areas')->where('figure_type_id', $made['id'])->pluck('id', 'key');
        $areas = self::BOSUN['areas'];
        $areas[1] = ['name' => 'sash', 'surface' => 'cloth', 'weight' => 'medium', 'on' => 'coat'];
        $areas[0]['neighbours'] = [];
        $changed = $this->answer($this->lead(), 'PUT', $path, ['version' => 1, 'name' => 'Old bosun', 'areas' => $areas] + self::BOSUN);

        self::assertSame(['Old bosun', 'bosun', 2], [$changed['name'], $changed['key'], $changed['version']]);
        self::assertSame(['coat', 'sash', 'face', 'teeth'], array_column($this->areas($changed), 'name'));
        self::assertSame(['coat', ['coat']], [$this->areas($changed)[1]['on'], $this->areas($changed)[1]['neighbours']]);
        self::assertSame($ids['coat'], DB::table('figure_areas')->where('figure_type_id', $made['id'])->where('key', 'coat')->value('id'), 'an area that stays keeps its row');
        $this->assertRefused($this->as($this->lead(), 'PUT', $path, ['version' => 1] + self::BOSUN), 409, 'stale');
        $this->assertRefused($this->as($this->lead(), 'PUT', $path, ['version' => 2, 'name' => 'Sea troll'] + self::BOSUN), 422, 'figure-type-exists', '/name');
    }

    public function test_a_retired_type_is_found_by_no_roster_and_can_be_taken_up_again(): void
    {
        $type = FigureType::query()->whereNull('job_id')->where('key', 'lamplighter')->firstOrFail();
        $job = $this->answer($this->lead(), 'POST', '/jobs', ['name' => 'New', 'client' => 'Somebody', 'force' => 'Another']);
        $preview = fn (): array => $this->answer($this->lead(), 'POST', '/jobs/'.$this->number($job, 'id').'/roster-preview', ['text' => "unit,figure_type,count,tier\nDeck,lamplighter,3,guard"]);
        $this->answer($this->lead(), 'PUT', "/figure-types/{$type->id}/retired", ['version' => $type->version, 'retired' => true]);

        self::assertSame(['lamplighter'], $preview()['unknown_types']);
        $this->answer($this->lead(), 'PUT', "/figure-types/{$type->id}/retired", ['version' => $type->version + 1, 'retired' => false]);
        self::assertSame([], $preview()['unknown_types']);
    }

    public function test_a_jobs_copy_is_none_of_the_studios(): void
    {
        $copy = $this->copy();

        $this->assertRefused($this->as($this->lead(), 'GET', "/figure-types/{$copy->id}"), 404, 'not-found');
        $this->assertRefused($this->as($this->lead(), 'PUT', "/figure-types/{$copy->id}", ['version' => $copy->version] + self::BOSUN), 404, 'not-found');
        $studio = FigureType::query()->whereNull('job_id')->firstOrFail();
        $this->assertRefused($this->as($this->lead(), 'POST', "/jobs/{$this->job()->id}/figure-types/{$studio->id}", ['version' => 1]), 404, 'not-found');
    }

    public function test_a_job_keeps_its_copy_until_it_takes_the_new_one(): void
    {
        self::assertSame([], $this->jobType()['changes']);
        $before = $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/figures")['minutes'];
        $this->changeStudioType(self::ofMetal(...));

        self::assertSame([['area' => 'lamp pole', 'what' => 'metal instead of wood']], $this->jobType()['changes']);
        self::assertSame($before, $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/figures")['minutes']);
        $taken = $this->take();
        self::assertSame([], $this->jobType($taken)['changes']);
        self::assertNotSame($before, $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/figures")['minutes']);
    }

    public function test_a_figure_in_check_goes_back_to_painting_where_its_work_changes(): void
    {
        $figure = $this->figure('1st Lamplighters', 2);
        $this->answer($this->deputy(), 'POST', "/figures/{$figure->id}/checks");
        $this->changeStudioType(self::ofMetal(...));
        $this->take();

        self::assertSame(FigureState::Painting, $figure->refresh()->state);
    }

    public function test_what_was_agreed_of_an_area_keeps_it(): void
    {
        $unit = $this->unit('1st Lamplighters');
        $pole = $this->copy()->areas()->where('key', 'lamp pole')->firstOrFail();
        AreaTier::query()->create(['unit_id' => $unit->id, 'figure_area_id' => $pole->id, 'tier_id' => Tier::query()->where('standard_version_id', $this->job()->standard_version_id)->where('key', 'guard')->firstOrFail()->id]);
        $this->changeStudioType(static fn (array $area): ?array => $area['name'] === 'lamp pole' ? null : $area);

        $refused = $this->as($this->lead(), 'POST', "/jobs/{$this->job()->id}/figure-types/{$this->copy()->id}", ['version' => $this->job()->refresh()->version]);
        $this->assertRefused($refused, 422, 'area-in-use');
        self::assertStringContainsString('lamp pole', (string) $refused->getContent());
    }

    public function test_signed_figures_keep_the_copy_that_they_were_judged_by(): void
    {
        Figure::query()->whereKey($this->figure('1st Lamplighters', 2)->id)->update(['state' => FigureState::Signed]);
        $this->changeStudioType(self::ofMetal(...));

        self::assertSame(1, $this->jobType()['signed']);
        $this->assertRefused($this->as($this->lead(), 'POST', "/jobs/{$this->job()->id}/figure-types/{$this->copy()->id}", ['version' => $this->job()->refresh()->version]), 403, 'signed');
    }

    /**
     * @param  TypeAreaDraft  $area
     * @return TypeAreaDraft
     */
    private static function ofMetal(array $area): array
    {
        return $area['name'] === 'lamp pole' ? ['surface' => 'metal'] + $area : $area;
    }

    private function copy(): FigureType
    {
        return FigureType::query()->where('job_id', $this->job()->id)->where('key', 'lamplighter')->firstOrFail();
    }

    /** @return array<array-key, mixed> */
    private function take(): array
    {
        return $this->answer($this->lead(), 'POST', "/jobs/{$this->job()->id}/figure-types/{$this->copy()->id}", ['version' => $this->job()->refresh()->version]);
    }

    /**
     * @param  array<array-key, mixed>|null  $answered
     * @return JobType_ the lamplighter of the job
     */
    private function jobType(?array $answered = null): array
    {
        $types = ($answered ?? $this->answer($this->isla(), 'GET', "/jobs/{$this->job()->id}/figure-types"))['types'];
        /** @var list<JobType_> $types */
        foreach ($types as $type) {
            if ($type['key'] === 'lamplighter') {
                return $type;
            }
        }
        self::fail('The job has lamplighters.');
    }

    /** @param  callable(TypeAreaDraft): (TypeAreaDraft|null)  $change */
    private function changeStudioType(callable $change): void
    {
        $type = FigureType::query()->whereNull('job_id')->where('key', 'lamplighter')->firstOrFail();
        $read = $this->answer($this->lead(), 'GET', "/figure-types/{$type->id}");
        $areas = array_values(array_filter(array_map($change, $this->areas($read))));
        $kept = array_column($areas, 'name');
        foreach ($areas as $i => $area) {
            $areas[$i]['neighbours'] = array_values(array_intersect($area['neighbours'], $kept));
            $areas[$i]['weight'] = count($kept) < count($this->areas($read)) ? 'medium' : null;
        }
        $this->answer($this->lead(), 'PUT', "/figure-types/{$type->id}", ['version' => $type->version, 'name' => $type->name, 'size_class' => 'foot', 'areas' => $areas]);
    }

    /**
     * @param  array<array-key, mixed>  $answer
     * @return list<TypeAreaDraft>
     */
    private function areas(array $answer): array
    {
        self::assertIsArray($answer['areas']);

        /** @var list<TypeAreaDraft> */
        return $answer['areas'];
    }

    /** @param  array<array-key, mixed>  $answer */
    private function number(array $answer, string $member): int
    {
        self::assertIsInt($answer[$member]);

        return $answer[$member];
    }
}
