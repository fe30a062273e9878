<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Bench\BenchSheets;
use App\Actions\Composing\JobFigures;
use App\Models\Figure;
use App\Models\SignOff;
use Core\Plan\FigureState;
use Illuminate\Support\Arr;

/** What a sculpt has not: nothing of it is asked, laid, judged or seen, and the rest stays as large as it is. */
final class LackingTest extends CheckTestCase
{
    public function test_one_figure_lacks_a_part_and_has_it_again(): void
    {
        $figure = $this->figure('2nd Lamplighters', 5);
        $before = $this->minutes($figure);
        $grid = $this->lack('2nd Lamplighters', [$figure->id], 'lamp pole');
        $own = Arr::first($this->groupsOf($grid, '2nd Lamplighters'), static fn (array $group): bool => $group['lacking'] !== []);

        self::assertIsArray($own);
        self::assertSame(['lamp pole', 'the sculpt has none', false], [Arr::get($own, 'lacking.0.area'), Arr::get($own, 'lacking.0.agreed.reason'), Arr::get($own, 'lacking.0.agreed.whole_unit')]);
        $cells = array_column((array) $grid['cells'], 'area', 'name');
        self::assertNotContains('lamp pole', array_map(static fn (mixed $name): mixed => is_string($name) ? $cells[$name] : null, (array) $own['cells']));
        $this->assertRefused($this->as($this->lead(), 'GET', "/figures/{$figure->id}/layers?area=lamp+pole"), 422, 'unknown-area', '/area');
        self::assertLessThan($before, $this->minutes($figure));
        self::assertSame($before, $this->minutes($this->figure('2nd Lamplighters', 6)));

        // It shares the sheet of its unit; what it lacks is no step of it.
        $sheet = $this->app->make(BenchSheets::class)->ofFigure($figure);
        self::assertNull($sheet->step($figure->id, 'lamp pole', 'base'));
        self::assertNotNull($sheet->step($this->figure('2nd Lamplighters', 6)->id, 'lamp pole', 'base'));

        $unit = $this->unit('2nd Lamplighters');
        $this->answer($this->lead(), 'POST', '/variations/'.Arr::integer($own, 'lacking.0.agreed.id').'/taking-back', ['version' => $unit->version, 'figures' => [$figure->id]]);
        self::assertSame($before, $this->minutes($figure));
    }

    public function test_nothing_of_it_is_judged_and_the_record_says_that_there_is_none(): void
    {
        $figure = $this->figure('1st Lamplighters', 3);
        self::assertSame(FigureState::ToCheck, $figure->state);
        $this->lack('1st Lamplighters', [$figure->id], 'lamp pole');
        self::assertSame(FigureState::Painting, $figure->refresh()->state, 'what is asked is other than what was handed over');
        foreach ($this->app->make(BenchSheets::class)->ofFigure($figure)->steps as $step) {
            $this->as($this->isla(), 'POST', '/bench-marks', ['figures' => $this->seen([$figure->id], $step->area, $step->use), 'area' => $step->area, 'use' => $step->use, 'state' => 'done', 'reason' => null]);
        }
        $this->answer($this->isla(), 'POST', '/hand-overs', ['figures' => [$figure->id]]);
        $check = $this->open($figure);
        self::assertNotContains('lamp pole', array_column($check['items'], 'area'));
        $this->signed($figure);
        $record = (array) json_decode(SignOff::query()->where('figure_id', $figure->id)->firstOrFail()->record, true);
        self::assertSame([['lamp pole', 'the sculpt has none']], array_map(static fn (mixed $one): array => [Arr::get((array) $one, 'area'), Arr::get((array) $one, 'reason')], (array) $record['not_asked']));
    }

    public function test_the_figure_itself_is_not_missing_and_nothing_is_missing_twice(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $body = ['version' => $unit->version, 'figures' => null];
        $this->assertRefused($this->as($this->lead(), 'POST', "/units/{$unit->id}/lacking", [...$body, 'area' => 'figure']), 422, 'not-there', '/area');
        $this->assertRefused($this->as($this->lead(), 'POST', "/units/{$unit->id}/lacking", [...$body, 'area' => 'wings']), 422, 'not-there', '/area');
        $this->lack('2nd Lamplighters', null, 'lamp pole');
        $this->assertRefused($this->as($this->lead(), 'POST', "/units/{$unit->id}/lacking", ['version' => $unit->refresh()->version, 'figures' => null, 'area' => 'lamp pole']), 422, 'not-there', '/area');
    }

    /**
     * @param  list<int>|null  $figures
     * @return array<array-key, mixed> the grid
     */
    private function lack(string $unit, ?array $figures, string $area): array
    {
        return $this->answer($this->lead(), 'POST', "/units/{$this->unit($unit)->id}/lacking", ['version' => $this->unit($unit)->version, 'figures' => $figures, 'area' => $area]);
    }

    private function minutes(Figure $figure): float
    {
        return $this->app->make(JobFigures::class)->ofFigure($figure->refresh())->composition->minutes;
    }

    /**
     * @param  array<array-key, mixed>  $grid
     * @return list<array<array-key, mixed>>
     */
    private function groupsOf(array $grid, string $unit): array
    {
        $found = Arr::first((array) $grid['units'], static fn (mixed $one): bool => Arr::get((array) $one, 'name') === $unit);

        return array_map(static fn (mixed $group): array => (array) $group, array_values((array) Arr::get((array) $found, 'groups')));
    }
}
