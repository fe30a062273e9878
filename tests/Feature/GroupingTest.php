<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Figure;
use App\Models\GroupedFigure;
use App\Models\Grouping;
use App\Models\JobChange;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;

/**
 * The figures of a job grouped a second time: for another game, another display.
 *
 * @phpstan-import-type Grouping_ from \App\Http\Groupings\GroupingsResource
 */
final class GroupingTest extends CheckTestCase
{
    public function test_figures_of_several_units_are_in_one_group_with_all_that_is_known_of_them(): void
    {
        $men = $this->ids('1st Lamplighters', 3, 4, 5);
        $troll = $this->ids('Sea troll', 1);
        $made = $this->make(['Upper shelf' => [...$men, ...$troll], 'Lower shelf' => $this->ids('2nd Lamplighters', 1), 'Nobody yet' => []]);

        $grouping = Arr::array($made, 'groupings.0');
        self::assertSame(['For the cabinet', 1, Figure::query()->join('units', 'units.id', '=', 'figures.unit_id')->where('job_id', $this->job()->id)->count() - 5], [$grouping['name'], $grouping['version'], $grouping['without']]);
        self::assertSame(['Lower shelf', 'Upper shelf'], array_column(Arr::array($grouping, 'groups'), 'name'), 'a group is what is in it');
        $upper = Arr::array($grouping, 'groups.1');
        self::assertSame([['name' => '1st Lamplighters', 'numbers' => [3, 4, 5], 'all' => false], ['name' => 'Sea troll', 'numbers' => [1], 'all' => true]], $upper['units']);
        self::assertSame([['name' => 'Muster', 'figures' => 3], ['name' => 'Banner', 'figures' => 1]], $upper['tiers']);
        self::assertSame(4, array_sum(array_column((array) $upper['states'], 'figures')));
        $minutes = array_map(fn (array $one): float => $this->sheetOf($this->figure($one[0], $one[1]), $this->lead())['minutes'], [['1st Lamplighters', 3], ['Sea troll', 1]]);
        self::assertEqualsWithDelta(3 * $minutes[0] + $minutes[1], $upper['minutes'], 60.0, 'with tidies the sheet takes a little more');
    }

    public function test_a_figure_goes_from_one_group_to_another_and_out_of_all(): void
    {
        $made = $this->make(['Left' => $this->ids('1st Lamplighters', 1, 2, 3)]);
        $id = $made['groupings'][0]['id'];
        $stays = GroupedFigure::query()->where('figure_id', $this->ids('1st Lamplighters', 1)[0])->value('id');
        $changed = $this->answer($this->lead(), 'PUT', "/groupings/{$id}", ['version' => 1, 'name' => 'By tables', 'groups' => [
            ['name' => 'Left', 'figures' => $this->ids('1st Lamplighters', 1)], ['name' => 'Right', 'figures' => $this->ids('1st Lamplighters', 2)],
        ]]);

        $now = Arr::array($changed, 'groupings.0');
        self::assertSame(['By tables', 2, [$this->ids('1st Lamplighters', 1), $this->ids('1st Lamplighters', 2)]], [$now['name'], $now['version'], array_column((array) $now['groups'], 'figures')]);
        self::assertSame($stays, GroupedFigure::query()->where('figure_id', $this->ids('1st Lamplighters', 1)[0])->value('id'), 'who stays keeps their row');
        $this->assertRefused($this->as($this->lead(), 'PUT', "/groupings/{$id}", ['version' => 1, 'name' => 'Mine', 'groups' => []]), 409, 'stale');
        self::assertSame(['Grouping By tables: name By tables, was For the cabinet, 2 figures otherwise.'], JobChange::query()->latest('id')->firstOrFail()->words);

        self::assertSame([], $this->answer($this->lead(), 'DELETE', "/groupings/{$id}", ['version' => 2])['groupings']);
        self::assertSame(0, GroupedFigure::query()->count());
        $change = JobChange::query()->latest('id')->firstOrFail();
        $this->as($this->lead(), 'POST', "/job-changes/{$change->id}/taking-back")->assertSuccessful();
        self::assertSame([$id, 2], [Grouping::query()->firstOrFail()->id, GroupedFigure::query()->count()], 'it is there again, with all that was in it');
    }

    public function test_what_cannot_be_is_refused_at_its_place(): void
    {
        $this->make(['Left' => $this->ids('1st Lamplighters', 1)]);
        $path = "/jobs/{$this->job()->id}/groupings";
        $send = fn (string $name, array $groups) => $this->as($this->lead(), 'POST', $path, ['name' => $name, 'groups' => $groups]);
        $one = $this->ids('1st Lamplighters', 1);

        $this->assertRefused($send('for the CABINET', []), 422, 'duplicate-grouping', '/name');
        $this->assertRefused($send('', []), 422, 'invalid', '/name');
        $this->assertRefused($send('Tables', [['name' => 'A', 'figures' => []], ['name' => 'a', 'figures' => []]]), 422, 'invalid', '/groups/0/name');
        $this->assertRefused($send('Tables', [['name' => 'A', 'figures' => $one], ['name' => 'B', 'figures' => $one]]), 422, 'two-groups', '/groups/1/figures/0');
        $this->assertRefused($send('Tables', [['name' => 'A', 'figures' => [...$one, 999999]]]), 422, 'unknown-figure', '/groups/0/figures/1');
        self::assertSame(['For the cabinet'], Grouping::query()->pluck('name')->all(), 'and nothing of it is kept');
    }

    public function test_a_figure_that_is_taken_away_is_in_no_group_any_more_and_comes_back_into_it(): void
    {
        $ids = $this->ids('2nd Lamplighters', 4, 5);
        $this->make(['Left' => $ids]);
        $unit = $this->unit('2nd Lamplighters');
        $this->as($this->lead(), 'POST', "/units/{$unit->id}/removals", ['version' => $unit->version, 'figures' => [$ids[0]]])->assertOk();
        self::assertSame([$ids[1]], GroupedFigure::query()->pluck('figure_id')->all());
        $this->as($this->lead(), 'POST', '/job-changes/'.JobChange::query()->latest('id')->firstOrFail()->id.'/taking-back')->assertSuccessful();
        self::assertSame($ids, GroupedFigure::query()->orderBy('figure_id')->pluck('figure_id')->all());
    }

    public function test_all_groups_of_all_figures_take_as_many_queries_as_one(): void
    {
        $count = function (): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->answer($this->isla(), 'GET', "/jobs/{$this->job()->id}/groupings");
            DB::disableQueryLog();

            return count(DB::getQueryLog());
        };
        $this->make(['Left' => $this->ids('1st Lamplighters', 1)]);
        $count();
        $few = $count();
        foreach (['Tables', 'Shelves'] as $name) {
            $this->answer($this->lead(), 'POST', "/jobs/{$this->job()->id}/groupings", ['name' => $name, 'groups' => [['name' => 'All', 'figures' => Figure::query()->pluck('id')->all()]]]);
        }

        self::assertSame($few, $count());
    }

    /**
     * @param  array<string, list<int>>  $groups
     * @return array{groupings: non-empty-list<Grouping_>}
     */
    private function make(array $groups): array
    {
        /** @var array{groupings: non-empty-list<Grouping_>} */
        return $this->answer($this->lead(), 'POST', "/jobs/{$this->job()->id}/groupings", ['name' => 'For the cabinet', 'groups' => array_map(static fn (string $name, array $figures): array => ['name' => $name, 'figures' => $figures], array_keys($groups), $groups)]);
    }

    /** @return list<int> */
    private function ids(string $unit, int ...$numbers): array
    {
        return array_map(fn (int $number): int => $this->figure($unit, $number)->id, array_values($numbers));
    }
}
