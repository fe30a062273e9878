<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Budgets\BudgetResource;
use App\Models\Figure;
use App\Models\Job;
use App\Models\Scheme;
use App\Models\SchemeArea;
use App\Models\StandardPiece;
use Core\Plan\FigureState;
use Document\Standard\PieceKind;
use Illuminate\Support\Facades\DB;

/**
 * Given a budget, which tier for which figures of a job.
 *
 * @phpstan-import-type Budget_ from BudgetResource
 * @phpstan-import-type BudgetGroup_ from BudgetResource
 */
final class BudgetTest extends TestCase
{
    public function test_what_the_job_takes_now_buys_at_least_what_is_seen_now(): void
    {
        foreach (['minutes', 'money'] as $measure) {
            $budget = $this->budget($measure);

            self::assertNotNull($budget['chosen']);
            self::assertGreaterThanOrEqual($budget['now']['seen'], $budget['chosen']['seen'], $measure);
            self::assertLessThanOrEqual($budget['budget'], $budget['chosen']['cost'], $measure);
            self::assertSame($budget['now']['cost'], $budget['budget']);
            self::assertLessThanOrEqual(1.0, $budget['chosen']['seen']);
        }
    }

    public function test_minutes_of_a_choice_are_those_that_the_grid_has_once_it_is_taken(): void
    {
        $grid = $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/figures");
        self::assertIsNumeric($grid['minutes']);
        $budget = $this->budget('minutes', (int) ($grid['minutes'] * 1.5));
        $after = $this->take($budget);

        self::assertNotNull($budget['chosen']);
        self::assertIsNumeric($after['minutes']);
        self::assertEqualsWithDelta($budget['chosen']['cost'], $after['minutes'], count($budget['groups']), 'each group is rounded up to a minute');
        self::assertSame($budget['chosen']['cost'], $this->budget('minutes')['now']['cost']);
    }

    public function test_more_budget_never_shows_less_and_the_curve_rises(): void
    {
        $curve = $this->budget('money')['curve'];

        self::assertGreaterThan(5, count($curve));
        foreach (array_slice($curve, 1) as $i => $point) {
            self::assertGreaterThan($curve[$i]['cost'], $point['cost']);
            self::assertGreaterThan($curve[$i]['seen'], $point['seen']);
        }
        self::assertEqualsWithDelta(1.0, $curve[count($curve) - 1]['seen'], 1e-9, 'with all the money in the world everything is at its richest');
    }

    public function test_what_is_settled_stays_and_the_rest_is_chosen_around_it(): void
    {
        $free = $this->budget('minutes', 4000);
        $group = $free['groups'][0];
        $richest = $group['options'][count($group['options']) - 1]['tier'];
        self::assertNotSame($richest, $group['chosen']);
        $fixed = $this->budget('minutes', 4000, [$group['key'] => $richest]);

        self::assertSame([$richest, true], [$fixed['groups'][0]['chosen'], $fixed['groups'][0]['fixed']]);
        self::assertLessThanOrEqual($free['chosen']['seen'] ?? 0, $fixed['chosen']['seen'] ?? 1);
    }

    public function test_leaders_are_a_group_of_their_own_and_a_tier_that_is_silent_is_left_out(): void
    {
        $groups = $this->budget('minutes')['groups'];
        $leaders = array_values(array_filter($groups, static fn (array $group): bool => $group['leaders']));

        self::assertNotSame([], $leaders);
        self::assertTrue($leaders[0]['own']);
        foreach ($groups as $group) {
            self::assertContains($group['now'], array_column($group['options'], 'tier'));
            self::assertNotContains('open', array_column($group['options'], 'tier'), 'by agreement is chosen by nobody but people');
        }
    }

    public function test_like_units_stay_alike_unless_somebody_lets_them_differ(): void
    {
        $alike = $this->budget('minutes');
        /** @var Budget_ $apart */
        $apart = $this->answer($this->lead(), 'POST', "/jobs/{$this->job()->id}/budget", ['measure' => 'minutes', 'budget' => null, 'fixed' => [], 'alike' => false]);

        self::assertContains(['1st Lamplighters', '2nd Lamplighters'], self::names($alike));
        self::assertContains(['1st Lamplighters'], self::names($apart));
        self::assertNotContains(['1st Lamplighters', '2nd Lamplighters'], self::names($apart));
        self::assertGreaterThanOrEqual($alike['chosen']['seen'] ?? 1, $apart['chosen']['seen'] ?? 0, 'more freedom never shows less');
    }

    public function test_what_a_scheme_says_that_an_area_is_made_of_is_seen_on_its_figures_whoever_stands_first(): void
    {
        $this->as($this->lead(), 'POST', '/jobs', ['name' => 'Mole', 'client' => 'Somebody', 'force' => 'Guard of the mole'])->assertCreated();
        $job = Job::query()->where('name', 'Mole')->firstOrFail();
        $this->as($this->lead(), 'POST', "/jobs/{$job->id}/roster", ['text' => "unit,figure_type,count,tier\nMole,lamplighter,2,guard"])->assertCreated();
        $common = Scheme::query()->create(['force_id' => $job->force_id, 'name' => 'Mole']);
        $bone = Scheme::query()->create(['force_id' => $job->force_id, 'name' => 'Bone coats', 'common_id' => $common->id]);
        SchemeArea::query()->create(['scheme_id' => $bone->id, 'area' => 'oilskin coat', 'surface' => 'bone']);
        $first = Figure::query()->whereIn('unit_id', $job->units()->select('id'))->where('number', 1)->firstOrFail();
        $second = Figure::query()->where('unit_id', $first->unit_id)->where('number', 2)->firstOrFail();
        $shares = function (Figure $of) use ($bone, $job): array {
            Figure::query()->where('unit_id', $of->unit_id)->update(['scheme_id' => null]);
            Figure::query()->whereKey($of->id)->update(['scheme_id' => $bone->id]);
            /** @var Budget_ $budget */
            $budget = $this->answer($this->lead(), 'POST', "/jobs/{$job->id}/budget", ['measure' => 'minutes', 'budget' => null, 'fixed' => []]);

            return array_column($budget['groups'][0]['options'], 'seen', 'tier');
        };

        self::assertEqualsWithDelta($shares($first), $shares($second), 1e-9);
    }

    public function test_a_budget_under_the_cheapest_says_so_and_still_shows_the_curve(): void
    {
        $budget = $this->budget('minutes', 1);

        self::assertNull($budget['chosen']);
        self::assertSame([null], array_values(array_unique(array_column($budget['groups'], 'chosen'))));
        self::assertGreaterThan(1, $budget['curve'][0]['cost']);
    }

    public function test_signed_figures_stand_as_they_are(): void
    {
        $before = $this->budget('minutes');
        Figure::query()->whereKey($this->figure('1st Lamplighters', 9)->id)->update(['state' => FigureState::Signed]);
        $after = $this->budget('minutes');

        self::assertSame($before['settled'] + 1, $after['settled']);
        self::assertLessThan($before['now']['cost'], $after['now']['cost']);
    }

    public function test_what_cannot_be_is_refused_at_its_place(): void
    {
        $job = $this->job();
        $ask = /** @param  array<string, mixed>  $body */ fn (array $body) => $this->as($this->lead(), 'POST', "/jobs/{$job->id}/budget", $body);

        $this->assertRefused($ask(['measure' => 'wishes']), 422, 'invalid', '/measure');
        $this->assertRefused($ask(['measure' => 'minutes', 'budget' => -1]), 422, 'invalid', '/budget');
        $this->assertRefused($ask(['measure' => 'minutes', 'budget' => 'much']), 422, 'invalid', '/budget');
        $this->assertRefused($ask(['measure' => 'minutes', 'fixed' => [['group' => '9999', 'tier' => 'guard']]]), 422, 'unknown-tier', '/fixed/9999');
        $this->rewrite(PieceKind::Tier, static fn (array $tier): array => $tier['id'] === 'banner' ? ['price' => ['list' => ['small' => 1]]] + $tier : $tier);
        self::assertFalse($this->budget('minutes')['has_prices']);
        $this->assertRefused($ask(['measure' => 'money']), 422, 'no-price', '/measure');
    }

    public function test_a_mix_is_taken_whole_or_not_at_all(): void
    {
        $budget = $this->budget('minutes', 1500);
        $units = $this->units($budget);
        $before = DB::table('units')->pluck('tier_id', 'id')->all();
        $units[count($units) - 1]['version'] = 99;

        $this->assertRefused($this->as($this->lead(), 'PUT', "/jobs/{$this->job()->id}/mix", ['units' => $units, 'figures' => []]), 409, 'stale');
        self::assertSame($before, DB::table('units')->pluck('tier_id', 'id')->all());
        $this->assertRefused($this->as($this->lead(), 'PUT', "/jobs/{$this->job()->id}/mix", ['units' => [['id' => 99999, 'version' => 1, 'tier' => 'guard']], 'figures' => []]), 404, 'not-found');
    }

    public function test_it_takes_as_many_queries_for_many_figures_as_for_few(): void
    {
        self::assertGreaterThan(0, StandardPiece::query()->count());
        $this->budget('minutes');
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->budget('minutes');

        self::assertLessThan(40, count(DB::getQueryLog()));
    }

    /**
     * @param  Budget_  $budget
     * @return list<list<string>> units of its groups
     */
    private static function names(array $budget): array
    {
        return array_map(static fn (array $group): array => array_column($group['units'], 'name'), $budget['groups']);
    }

    /**
     * @param  array<string, string>  $fixed
     * @return Budget_
     */
    private function budget(string $measure, ?int $budget = null, array $fixed = []): array
    {
        $settled = array_map(static fn (string $group, string $tier): array => ['group' => $group, 'tier' => $tier], array_map(strval(...), array_keys($fixed)), array_values($fixed));

        /** @var Budget_ */
        return $this->answer($this->lead(), 'POST', "/jobs/{$this->job()->id}/budget", ['measure' => $measure, 'budget' => $budget, 'fixed' => $settled]);
    }

    /**
     * @param  Budget_  $budget
     * @return list<array{id: int, version: int, tier: string}>
     */
    private function units(array $budget): array
    {
        $units = array_filter($budget['groups'], static fn (array $group): bool => ! $group['own'] && $group['chosen'] !== null);

        return array_merge(...array_map(static fn (array $group): array => array_map(static fn (array $unit): array => ['id' => $unit['id'], 'version' => $unit['version'], 'tier' => $group['chosen']], $group['units']), array_values($units)));
    }

    /**
     * @param  Budget_  $budget
     * @return array<array-key, mixed> the grid after it
     */
    private function take(array $budget): array
    {
        $figures = [];
        foreach (array_filter($budget['groups'], static fn (array $group): bool => $group['own']) as $group) {
            foreach ($group['figures'] as $figure) {
                $figures[] = ['id' => $figure['id'], 'version' => $figure['version'], 'tier' => $group['chosen']];
            }
        }

        return $this->answer($this->lead(), 'PUT', "/jobs/{$this->job()->id}/mix", ['units' => $this->units($budget), 'figures' => $figures]);
    }
}
