<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Jobs\AreaLayersResource;
use App\Models\Figure;
use App\Models\Job;
use App\Models\JobChange;
use App\Models\Unit;
use Core\Plan\FigureState;
use Illuminate\Support\Facades\DB;

/**
 * @phpstan-import-type AreaLayers from AreaLayersResource
 *
 * @phpstan-type Group array{tier: string, minutes: float, minutes_all: float, figures: list<array{id: int, number: int, tier: string, painter: array{id: int, name: string}|null}>, cells: list<string>, resting: list<string>}
 * @phpstan-type GridUnit array{id: int, name: string, version: int, minutes: float, painter: array{id: int, name: string}|null, groups: list<Group>}
 * @phpstan-type Grid array{units: list<GridUnit>, figures: int, minutes: float, questions: array{silent: list<array{tier: string, surface: string, figures: int}>}, unassigned: int, waivers: int}
 */
final class AssignTest extends TestCase
{
    public function test_the_grid_says_for_each_group_what_is_done_and_how_long_it_takes(): void
    {
        $grid = $this->grid();

        self::assertSame(55, $grid['figures']);
        self::assertEqualsWithDelta(array_sum(array_column($grid['units'], 'minutes')), $grid['minutes'], 1e-6);
        $lamplighters = $this->unitIn($grid, '1st Lamplighters');
        self::assertSame([['guard', 1], ['muster', 11]], array_map(static fn (array $group): array => [$group['tier'], count($group['figures'])], $lamplighters['groups']));
    }

    public function test_an_area_that_the_tier_is_silent_about_is_a_question_and_the_rest_is_worked_out(): void
    {
        $grid = $this->grid();

        self::assertSame([['tier' => 'watch', 'surface' => 'marking', 'figures' => 2]], $grid['questions']['silent']);
        $leaders = $this->unitIn($grid, 'Quay watch')['groups'][0];
        self::assertSame('undecided', $this->area($leaders, 'guard badge')['state']);
        self::assertGreaterThan(60, $leaders['minutes']);
    }

    public function test_a_question_is_settled_for_the_whole_job_in_one_answer_and_asked_again(): void
    {
        // Two leaders of the quay watch have the tier that is silent; at Watch the whole second unit has it too.
        $second = $this->unit('2nd Lamplighters');
        $this->gridFrom('PATCH', "/units/{$second->id}", ['version' => $second->version, 'tier' => 'watch']);
        self::assertSame([['tier' => 'watch', 'surface' => 'marking', 'figures' => 13]], $this->grid()['questions']['silent']);
        $answer = ['tier' => 'watch', 'surface' => 'marking', 'reason' => 'no badges', 'agreed_with' => 'the client'];
        $grid = $this->gridFrom('POST', "/jobs/{$this->job()->id}/silences", $answer);

        self::assertSame([], $grid['questions']['silent']);
        self::assertSame([2, 12], [
            DB::table('variations')->where('kind', 'not-asked')->where('unit_id', $this->unit('Quay watch')->id)->count(),
            DB::table('figures')->where('unit_id', $second->id)->count(),
        ]);
        $this->assertRefused($this->as($this->lead(), 'POST', "/jobs/{$this->job()->id}/silences", $answer), 422, 'no-question', '/surface');
        $this->assertRefused($this->as($this->lead(), 'POST', "/jobs/{$this->job()->id}/silences", ['reason' => ' '] + $answer), 422, 'invalid', '/reason');

        $this->answer($this->lead(), 'POST', '/job-changes/'.JobChange::query()->orderByDesc('id')->firstOrFail()->id.'/taking-back');
        self::assertSame([['tier' => 'watch', 'surface' => 'marking', 'figures' => 13]], $this->grid()['questions']['silent']);
    }

    public function test_a_tier_of_a_unit_changes_figures_without_one_of_their_own_and_the_totals_at_once(): void
    {
        $before = $this->grid();
        $unit = $this->unit('2nd Lamplighters');
        $after = $this->gridFrom('PATCH', "/units/{$unit->id}", ['version' => 1, 'tier' => 'watch']);

        self::assertGreaterThan($before['minutes'], $after['minutes']);
        self::assertSame(['guard', 'watch'], array_column($this->unitIn($after, '2nd Lamplighters')['groups'], 'tier'));
    }

    public function test_one_figure_gets_a_tier_and_a_painter_of_its_own(): void
    {
        $figure = $this->figure('2nd Lamplighters', 5);
        $grid = $this->gridFrom('PATCH', '/figures', ['figures' => [['id' => $figure->id, 'version' => 1]], 'tier' => 'banner', 'painter_id' => $this->jory()->id]);
        $group = array_values(array_filter($this->unitIn($grid, '2nd Lamplighters')['groups'], static fn (array $group): bool => $group['tier'] === 'banner'))[0];

        self::assertSame([5], array_column($group['figures'], 'number'));
        self::assertSame($this->jory()->name, $group['figures'][0]['painter']['name'] ?? null);
        $back = $this->gridFrom('PATCH', '/figures', ['figures' => [['id' => $figure->id, 'version' => 2]], 'tier' => null, 'painter_id' => null]);
        self::assertCount(2, $this->unitIn($back, '2nd Lamplighters')['groups']);
    }

    public function test_one_area_gets_a_tier_of_its_own_for_a_unit_or_a_figure(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $grid = $this->gridFrom('PUT', "/units/{$unit->id}/area-tiers", ['version' => 1, 'figures' => null, 'area' => 'face', 'tier' => 'banner']);
        foreach ($this->unitIn($grid, '2nd Lamplighters')['groups'] as $group) {
            self::assertSame('banner', $this->area($group, 'face')['tier']);
        }
        $figure = $this->figure('2nd Lamplighters', 5);
        $grid = $this->gridFrom('PUT', "/units/{$unit->id}/area-tiers", ['version' => 2, 'figures' => [$figure->id], 'area' => 'helmet', 'tier' => 'guard']);
        self::assertCount(3, $this->unitIn($grid, '2nd Lamplighters')['groups']);
        $grid = $this->gridFrom('PUT', "/units/{$unit->id}/area-tiers", ['version' => 3, 'figures' => [$figure->id], 'area' => 'helmet', 'tier' => null]);
        self::assertCount(2, $this->unitIn($grid, '2nd Lamplighters')['groups']);
    }

    public function test_a_use_is_left_out_with_a_reason_and_asked_for_again(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $before = $this->unitIn($this->grid(), '2nd Lamplighters')['minutes'];
        $grid = $this->gridFrom('POST', "/units/{$unit->id}/waivers", ['version' => 1, 'figures' => null, 'area' => 'oilskin coat', 'use' => 'wash', 'reason' => 'kept clean', 'agreed_with' => 'the client']);
        $waiver = $this->area($this->unitIn($grid, '2nd Lamplighters')['groups'][1], 'oilskin coat')['uses'][1]['waiver'];
        self::assertNotNull($waiver);
        self::assertSame('kept clean', $waiver['reason']);
        self::assertLessThan($before, $this->unitIn($grid, '2nd Lamplighters')['minutes']);

        $again = $this->gridFrom('POST', "/variations/{$waiver['id']}/taking-back", ['version' => 2, 'figures' => null]);
        self::assertEqualsWithDelta($before, $this->unitIn($again, '2nd Lamplighters')['minutes'], 1e-6);
    }

    public function test_a_waiver_without_a_reason_or_of_what_is_not_asked_is_refused(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $waive = /** @param  array<string, mixed>  $change */ fn (array $change) => $this->as($this->lead(), 'POST', "/units/{$unit->id}/waivers", $change + ['version' => 1, 'figures' => null, 'area' => 'face', 'use' => 'base', 'reason' => 'agreed']);

        $this->assertRefused($waive(['reason' => ' ']), 422, 'invalid', '/reason');
        $this->assertRefused($waive(['use' => 'freehand']), 422, 'unknown-use', '/use');
        $this->assertRefused($waive(['area' => 'wings']), 422, 'unknown-use', '/use');
    }

    public function test_the_method_is_chosen_where_the_tier_leaves_it_open(): void
    {
        // At Watch the light on skin may be a layer or a drybrush; only the two leaders of the quay watch have that tier.
        $unit = $this->unit('Quay watch');
        self::assertSame('layer', $this->lightOnHands($this->grid()));
        $grid = $this->gridFrom('PUT', "/units/{$unit->id}/choices", ['version' => 1, 'figures' => null, 'area' => 'hands', 'use' => 'first-light', 'technique' => 'drybrush']);

        self::assertSame('drybrush', $this->lightOnHands($grid));
        self::assertCount(1, $this->unitIn($grid, 'Quay watch')['groups'][1]['resting'], 'it rests for the figures whose tier asks for no light');
    }

    public function test_a_method_that_is_not_offered_is_refused(): void
    {
        $unit = $this->unit('2nd Lamplighters');

        $this->assertRefused($this->as($this->lead(), 'PUT', "/units/{$unit->id}/choices", ['version' => 1, 'figures' => null, 'area' => 'face', 'use' => 'base', 'technique' => 'stain']), 422, 'not-a-choice', '/technique');
    }

    public function test_what_names_nothing_asked_any_more_rests_and_is_shown(): void
    {
        $divers = $this->unit('Tide divers');
        $grid = $this->gridFrom('PATCH', "/units/{$divers->id}", ['version' => $divers->version, 'tier' => 'muster']);
        $group = array_values(array_filter($this->unitIn($grid, 'Tide divers')['groups'], static fn (array $group): bool => $group['tier'] === 'muster'))[0];

        self::assertCount(1, $group['resting']);
        self::assertStringContainsString('depth charts', $group['resting'][0]);
    }

    public function test_a_stale_change_gets_the_row_as_it_is_now_and_overwrites_nothing(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $this->gridFrom('PATCH', "/units/{$unit->id}", ['version' => 1, 'painter_id' => $this->jory()->id]);
        $response = $this->as($this->lead(), 'PATCH', "/units/{$unit->id}", ['version' => 1, 'tier' => 'banner']);

        $this->assertRefused($response, 409, 'stale');
        $response->assertJsonPath('now.version', 2)->assertJsonPath('now.painter_id', $this->jory()->id);
        self::assertSame('muster', $unit->refresh()->load('tier')->tier->key);
    }

    public function test_unknown_and_retired_tiers_and_strangers_are_refused(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $change = /** @param  array<string, mixed>  $change */ fn (array $change) => $this->as($this->lead(), 'PATCH', "/units/{$unit->id}", ['version' => 1] + $change);

        $this->assertRefused($change(['tier' => 'gold']), 422, 'unknown-tier', '/tier');
        $this->assertRefused($change(['tier' => 'drill']), 422, 'retired-tier', '/tier');
        $this->assertRefused($change(['painter_id' => $this->stranger()->id]), 422, 'unknown-painter', '/painter_id');
        $this->assertRefused($this->as($this->isla(), 'PATCH', "/units/{$unit->id}", ['version' => 1, 'tier' => 'guard']), 403, 'not-allowed');
    }

    public function test_a_figure_in_check_goes_back_to_painting_when_its_work_changes(): void
    {
        $figure = $this->figure('1st Lamplighters', 2);
        $this->answer($this->deputy(), 'POST', "/figures/{$figure->id}/checks");
        $this->gridFrom('PATCH', '/units/'.$this->unit('1st Lamplighters')->id, ['version' => $this->unit('1st Lamplighters')->version, 'tier' => 'watch']);

        self::assertSame(FigureState::Painting, $figure->refresh()->state);
        self::assertSame('dropped', DB::table('checks')->where('figure_id', $figure->id)->value('state'));
    }

    public function test_a_change_that_changes_no_work_leaves_a_check_alone(): void
    {
        $figure = $this->figure('1st Lamplighters', 2);
        $unit = $this->unit('1st Lamplighters');
        $this->gridFrom('PATCH', "/units/{$unit->id}", ['version' => $unit->version, 'painter_id' => $this->jory()->id]);

        self::assertSame(FigureState::ToCheck, $figure->refresh()->state);
    }

    public function test_ten_times_the_figures_take_the_same_number_of_queries(): void
    {
        $this->grid(); // Reads the standard, once.
        $few = $this->queriesOfGrid($this->job());
        $many = $this->tenTimes();

        self::assertSame($few, $this->queriesOfGrid($many));
        self::assertSame(550, Figure::query()->whereIn('unit_id', Unit::query()->where('job_id', $many->id)->select('id'))->count());
    }

    /** The demo's roster ten times over, with a painter and a use left out, so that every relation has rows. */
    private function tenTimes(): Job
    {
        [$header, $lines] = explode("\n", trim((string) file_get_contents(database_path('demo/port-ember-roster.csv'))), 2);
        $copies = array_map(static fn (int $i): string => (string) preg_replace('/^/m', "{$i} ", $lines), range(1, 10));
        $job = $this->newJob('Many');
        $this->answer($this->lead(), 'POST', "/jobs/{$job->id}/roster", ['text' => "{$header}\n".implode("\n", $copies)]);
        $unit = Unit::query()->where('job_id', $job->id)->firstOrFail();
        $this->gridFrom('PATCH', "/units/{$unit->id}", ['version' => 1, 'painter_id' => $this->isla()->id]);
        $this->gridFrom('POST', "/units/{$unit->id}/waivers", ['version' => 2, 'figures' => null, 'area' => 'face', 'use' => 'wash', 'reason' => 'agreed']);

        return $job;
    }

    /** @param  Grid  $grid */
    private function lightOnHands(array $grid): string
    {
        return array_column($this->area($this->unitIn($grid, 'Quay watch')['groups'][0], 'hands')['uses'], 'technique', 'id')['first-light'] ?? '';
    }

    private function queriesOfGrid(Job $job): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->answer($this->lead(), 'GET', "/jobs/{$job->id}/figures");
        $count = count(DB::getQueryLog());
        DB::disableQueryLog();

        return $count;
    }

    /** @return Grid */
    private function grid(): array
    {
        return $this->gridFrom('GET', "/jobs/{$this->job()->id}/figures");
    }

    /**
     * @param  array<string, mixed>  $body
     * @return Grid
     */
    private function gridFrom(string $method, string $path, array $body = []): array
    {
        /** @var Grid */
        return $this->answer($this->lead(), $method, $path, $body);
    }

    /**
     * @param  Grid  $grid
     * @return GridUnit
     */
    private function unitIn(array $grid, string $name): array
    {
        foreach ($grid['units'] as $unit) {
            if ($unit['name'] === $name) {
                return $unit;
            }
        }
        self::fail("The grid has no unit {$name}.");
    }

    /**
     * @param  Group  $group
     * @return AreaLayers
     */
    private function area(array $group, string $name): array
    {
        return $this->layersOf($group['figures'][0]['id'], $name);
    }
}
