<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Bench\BenchSheets;
use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\FigureTypes\FigureTypes;
use App\Actions\FigureTypes\StoreFigureType;
use App\Actions\History\JobRows;
use App\Models\Figure;
use App\Models\FigureType;
use App\Models\Job;
use App\Models\JobChange;
use App\Models\Unit;
use Core\Composition\ComposedUse;
use Illuminate\Support\Arr;

/** A unit of several types: painted as a batch, each figure by the areas that it has. */
final class UnitTypesTest extends CheckTestCase
{
    public function test_lines_of_one_unit_make_one_unit(): void
    {
        $job = $this->booked();
        $taken = $this->answer($this->lead(), 'POST', "/jobs/{$job->id}/roster", ['text' => implode("\n", [
            'unit,figure_type,count,tier,leader_count,leader_tier',
            'Mole watch,lamplighter,8,Muster,1,Guard',
            'mole watch,tide-diver,2,Muster,,',
            'Mole watch,lamplighter,1,Watch,,',
            'Sluice,tide-diver,3,Muster,,',
        ])]);

        self::assertSame([true, 14, 2], [$taken['taken'], $taken['figures'], $taken['units']], (string) json_encode($taken['problems']));
        $unit = Unit::query()->where('job_id', $job->id)->where('name', 'Mole watch')->firstOrFail();
        $figures = Figure::query()->where('unit_id', $unit->id)->with(['tier', 'figureType'])->orderBy('number')->get();
        self::assertSame(range(1, 11), $figures->pluck('number')->all());
        self::assertSame(['guard', null, null], [$figures[0]?->tier?->key, $figures[1]?->tier?->key, $figures[8]?->tier?->key]);
        self::assertSame([null, 'tide-diver', 'tide-diver', null], array_map(static fn (int $at): ?string => $figures[$at]?->figureType?->key, [0, 8, 9, 10]));
        self::assertSame('watch', $figures[10]?->tier?->key);

        $grid = $this->answer($this->lead(), 'GET', "/jobs/{$job->id}/figures");
        $groups = Arr::array($grid, 'units.0.groups');
        self::assertSame(['Lamplighter, on foot', 'Lamplighter, on foot', 'Tide diver in plate', 'Lamplighter, on foot'], array_column($groups, 'type'));
        self::assertSame([11, 3], array_column((array) $grid['units'], 'count'));
    }

    public function test_each_is_painted_by_the_areas_that_it_has_and_what_is_said_of_the_unit_holds_by_name(): void
    {
        [$unit, $diver] = $this->withDiver();
        $areas = static fn (Figure $figure): array => array_values(array_unique(array_map(static fn (ComposedUse $use): string => $use->area->id, app(JobFigures::class)->ofFigure($figure)->composition->uses)));
        $lamplighter = $this->figure('2nd Lamplighters', 5);
        self::assertContains('oilskin coat', $areas($lamplighter));
        self::assertNotContains('oilskin coat', $areas($diver));
        $onlyDivers = array_values(array_diff($areas($diver), $areas($lamplighter)));
        self::assertNotSame([], $onlyDivers);

        // An area that both have by one name, and one that only the other type has.
        $both = array_values(array_diff(array_intersect($areas($diver), $areas($lamplighter)), ['figure']))[0];
        $this->as($this->lead(), 'PUT', "/units/{$unit->id}/area-tiers", ['version' => $unit->refresh()->version, 'figures' => null, 'area' => $both, 'tier' => 'watch'])->assertOk();
        self::assertSame(['watch', 'watch'], [$this->layersOf($diver->id, $both)['tier'], $this->layersOf($lamplighter->id, $both)['tier']]);
        $this->as($this->lead(), 'PUT', "/units/{$unit->id}/area-tiers", ['version' => $unit->refresh()->version, 'figures' => [$diver->id], 'area' => $onlyDivers[0], 'tier' => 'watch'])->assertOk();
        self::assertSame('watch', $this->layersOf($diver->id, $onlyDivers[0])['tier']);
        $this->assertRefused($this->as($this->lead(), 'PUT', "/units/{$unit->id}/area-tiers", ['version' => $unit->refresh()->version, 'figures' => [$lamplighter->id], 'area' => $onlyDivers[0], 'tier' => 'watch']), 422, 'unknown-area', '/area');

        $rows = ['rows' => [['unit' => $unit->id, 'version' => $unit->refresh()->version, 'figures' => [['id' => $diver->id, 'version' => $diver->refresh()->version]]]], 'by' => 1, 'area' => $onlyDivers[0]];
        $this->as($this->lead(), 'PATCH', "/jobs/{$unit->job_id}/rows", $rows)->assertOk();
        self::assertSame('guard', $this->layersOf($diver->id, $onlyDivers[0])['tier']);
    }

    public function test_its_own_sheet_and_check_are_of_its_type(): void
    {
        [, $diver] = $this->withDiver();
        $sheet = $this->app->make(BenchSheets::class)->ofFigure($diver);
        self::assertNull($sheet->step($diver->id, 'oilskin coat', 'base'));
        self::assertNotSame([], $sheet->steps);
        $types = array_column((array) $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/figure-types")['types'], 'figures', 'key');
        self::assertSame(Figure::query()->join('units', 'units.id', '=', 'figures.unit_id')->where('units.figure_type_id', $diver->figure_type_id)->count() + 1, $types['tide-diver']);
    }

    public function test_types_that_are_nearly_alike_have_sheets_of_their_own(): void
    {
        $studio = FigureType::query()->whereNull('job_id')->where('key', 'lamplighter')->with(FigureTypes::RELATIONS)->firstOrFail();
        $core = FigureTypes::core($studio);
        $other = $core->named('Lamplighter with a ladder')->without(['guard badge']);
        $this->app->make(StoreFigureType::class)->handle($other, 'ladder');
        $unit = $this->unit('2nd Lamplighters');
        $this->answer($this->lead(), 'POST', "/units/{$unit->id}/figures", ['version' => $unit->version, 'count' => 2, 'figure_type' => 'ladder']);
        $one = Figure::query()->where('unit_id', $unit->id)->whereNotNull('figure_type_id')->firstOrFail();

        $sheet = $this->app->make(BenchSheets::class)->ofFigure($one);
        self::assertSame([$one->figure_type_id], array_values(array_unique(array_map(static fn (ComposedFigure $figure): int => $figure->typeId(), $sheet->figures))));
        self::assertCount(2, $sheet->figures);
    }

    public function test_it_comes_by_hand_goes_over_and_is_taken_back(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $rows = JobRows::of($unit->job_id);
        $this->assertRefused($this->as($this->lead(), 'POST', "/units/{$unit->id}/figures", ['version' => $unit->version, 'count' => 1, 'figure_type' => 'kraken']), 422, 'unknown-figure-type', '/figure_type');
        FigureType::query()->whereNull('job_id')->where('key', 'sea-troll')->update(['retired' => true]);
        FigureType::query()->whereNotNull('job_id')->where('key', 'sea-troll')->update(['key' => 'sea-troll-2']);
        $this->assertRefused($this->as($this->lead(), 'POST', "/units/{$unit->id}/figures", ['version' => $unit->version, 'count' => 1, 'figure_type' => 'sea-troll']), 422, 'unknown-figure-type', '/figure_type');
        [, $diver] = $this->withDiver();
        $divers = $this->unit('Tide divers');
        $this->as($this->lead(), 'POST', "/units/{$unit->id}/moves", ['version' => $unit->refresh()->version, 'figures' => [$diver->id], 'to' => $divers->id])->assertOk();
        self::assertSame([$divers->id, null], [$diver->refresh()->unit_id, $diver->figure_type_id], 'it is as its unit there');
        $this->as($this->lead(), 'POST', "/units/{$divers->id}/moves", ['version' => $divers->refresh()->version, 'figures' => [$diver->id], 'to' => $unit->id])->assertOk();
        self::assertSame([$unit->id, $divers->figure_type_id], [$diver->refresh()->unit_id, $diver->figure_type_id]);
        $this->as($this->lead(), 'POST', "/units/{$unit->id}/moves", ['version' => $unit->refresh()->version, 'figures' => [$diver->id], 'name' => 'One diver'])->assertOk();
        self::assertSame([$divers->figure_type_id, null], [$this->unit('One diver')->figure_type_id, $diver->refresh()->figure_type_id]);

        foreach (JobChange::query()->orderByDesc('id')->get() as $change) {
            $this->answer($this->lead(), 'POST', "/job-changes/{$change->id}/taking-back");
        }
        self::assertEquals($rows, JobRows::of($unit->job_id));
    }

    public function test_it_is_raised_as_what_it_is(): void
    {
        [$unit, $diver] = $this->withDiver();
        $this->as($this->lead(), 'PATCH', '/figures', ['figures' => [['id' => $diver->id, 'version' => $diver->version]], 'painter_id' => $this->isla()->id])->assertOk();
        $this->finishedBy($diver);
        $record = $this->signed($diver);
        $job = $this->booked();
        $this->answer($this->lead(), 'POST', '/raises', ['records' => [$record->id], 'to' => 'watch', 'job_id' => $job->id, 'version' => $job->version]);

        $raised = Figure::query()->where('raises_id', $record->id)->firstOrFail();
        $type = FigureType::query()->findOrFail($raised->typeIdIn($raised->unit));
        self::assertSame(['tide-diver', $job->id], [$type->key, $type->job_id]);
        self::assertSame($unit->name, $raised->unit->name);
    }

    /** @return array{Unit, Figure} the second lamplighters, and the diver who came to them */
    private function withDiver(): array
    {
        $unit = $this->unit('2nd Lamplighters');
        $this->answer($this->lead(), 'POST', "/units/{$unit->id}/figures", ['version' => $unit->refresh()->version, 'count' => 1, 'figure_type' => 'tide-diver']);
        $diver = Figure::query()->where('unit_id', $unit->id)->whereNotNull('figure_type_id')->firstOrFail();

        return [$unit->refresh(), $diver];
    }

    private function finishedBy(Figure $figure): void
    {
        foreach ($this->app->make(BenchSheets::class)->ofFigure($figure)->steps as $step) {
            $this->as($this->isla(), 'POST', '/bench-marks', ['figures' => [['id' => $figure->id, 'seen' => null]], 'area' => $step->area, 'use' => $step->use, 'state' => 'done', 'reason' => null]);
        }
        $this->answer($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]]);
    }

    private function booked(): Job
    {
        $this->answer($this->lead(), 'POST', '/jobs', ['name' => 'The mole', 'client' => 'The harbour office', 'force' => 'Harbour guard']);

        return Job::query()->where('name', 'The mole')->firstOrFail();
    }
}
