<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AreaTier;
use App\Models\Figure;
use App\Models\JobChange;
use App\Models\Tier;
use App\Models\Unit;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Many rows of the grid at once: units with all that has nothing of its own, and some figures of them. */
final class AssignRowsTest extends TestCase
{
    public function test_all_units_get_one_painter_in_one_change_that_is_taken_back_in_one(): void
    {
        $units = Unit::query()->where('job_id', $this->job()->id)->orderBy('id')->get();
        $before = $units->pluck('painter_id', 'id')->all();
        $this->assign(['painter_id' => $this->jory()->id, 'rows' => array_values($units->map(self::row(...))->all())])->assertOk();

        self::assertSame([$this->jory()->id], Unit::query()->where('job_id', $this->job()->id)->distinct()->pluck('painter_id')->all());
        self::assertSame(1, JobChange::query()->count());
        $this->answer($this->lead(), 'POST', '/job-changes/'.JobChange::query()->firstOrFail()->id.'/taking-back');
        self::assertSame($before, Unit::query()->where('job_id', $this->job()->id)->orderBy('id')->pluck('painter_id', 'id')->all());
    }

    public function test_each_row_goes_up_from_where_it_stands_and_the_highest_stays(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $leader = $this->figure('2nd Lamplighters', 1);
        $other = $this->unit('Tide divers');
        Unit::query()->whereKey($other->id)->update(['tier_id' => $this->tierId('cabinet')]);
        $this->assign(['by' => 1, 'rows' => [self::row($other), self::figures($unit, [$leader]), self::row($unit)]])->assertOk();

        self::assertSame(['watch', 'banner', 'cabinet'], [$this->unit('2nd Lamplighters')->tier->key, $this->figure('2nd Lamplighters', 1)->tier?->key, $this->unit('Tide divers')->tier->key]);
        self::assertSame('guard', $leader->tier?->key, 'one up from guard is banner');
    }

    public function test_all_at_the_end_is_said_and_nothing_is_changed(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $this->assertRefused($this->assign(['by' => -1, 'rows' => [self::row($unit)]]), 422, 'at-the-end', '/by');
        self::assertSame([$unit->version, 0], [$this->unit('2nd Lamplighters')->version, JobChange::query()->count()]);
    }

    public function test_figures_of_a_row_that_come_to_the_tier_of_their_unit_have_none_of_their_own(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $figures = [$this->figure('2nd Lamplighters', 3), $this->figure('2nd Lamplighters', 4)];
        $this->assign(['tier' => 'watch', 'rows' => [self::figures($unit, $figures)]])->assertOk();
        self::assertSame(['watch', 'watch', null], array_map(fn (int $number): ?string => $this->figure('2nd Lamplighters', $number)->tier?->key, [3, 4, 5]));

        $this->assign(['by' => -1, 'rows' => [self::figures($unit, [$this->figure('2nd Lamplighters', 3)])]])->assertOk();
        self::assertNull($this->figure('2nd Lamplighters', 3)->tier_id);
    }

    public function test_one_area_goes_up_as_a_whole_and_down_again(): void
    {
        $rows = fn (): array => [self::row($this->unit('2nd Lamplighters')), self::figures($this->unit('2nd Lamplighters'), [$this->figure('2nd Lamplighters', 1)]), self::row($this->unit('1st Lamplighters'))];
        $this->assign(['area' => 'face', 'by' => 1, 'rows' => $rows()])->assertOk();
        $of = fn (string $unit, ?int $figure): ?string => AreaTier::query()->with('tier')->where('unit_id', $this->unit($unit)->id)->where('figure_id', $figure)->whereRelation('figureArea', 'key', 'face')->first()?->tier->key;
        $leader = $this->figure('2nd Lamplighters', 1)->id;

        // The leader is at guard, and what the unit says of the face holds for it until it has its own: one up from watch.
        self::assertSame(['watch', 'guard', 'watch'], [$of('2nd Lamplighters', null), $of('2nd Lamplighters', $leader), $of('1st Lamplighters', null)]);
        $this->assign(['area' => 'face', 'by' => -1, 'rows' => [self::row($this->unit('1st Lamplighters'))]])->assertOk();
        self::assertNull($of('1st Lamplighters', null), 'as its figures again');
        $this->assign(['area' => 'face', 'tier' => null, 'rows' => $rows()])->assertOk();
        self::assertSame([null, null], [$of('2nd Lamplighters', null), $of('2nd Lamplighters', $leader)]);
        $this->assertRefused($this->assign(['area' => 'wings', 'by' => 1, 'rows' => $rows()]), 422, 'unknown-area', '/area');
    }

    public function test_each_row_gets_its_own_in_one_change(): void
    {
        $first = $this->unit('1st Lamplighters');
        $second = $this->unit('2nd Lamplighters');
        $this->assign(['rows' => [
            [...self::row($second), 'tier' => 'watch', 'painter_id' => $this->jory()->id],
            [...self::row($first), 'painter_id' => null],
            [...self::figures($second, [$this->figure('2nd Lamplighters', 4)]), 'tier' => 'banner'],
        ]])->assertOk();

        self::assertSame([['watch', $this->jory()->id], ['muster', null]], array_map(fn (string $name): array => [$this->unit($name)->tier->key, $this->unit($name)->painter_id], ['2nd Lamplighters', '1st Lamplighters']));
        self::assertSame('banner', $this->figure('2nd Lamplighters', 4)->tier?->key);
        self::assertSame(1, JobChange::query()->count());
    }

    public function test_it_is_all_of_them_or_none(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $stale = [...self::row($this->unit('1st Lamplighters')), 'version' => 99];
        $this->assertRefused($this->assign(['tier' => 'watch', 'rows' => [self::row($unit), $stale]]), 409, 'stale');
        self::assertSame('muster', $this->unit('2nd Lamplighters')->tier->key);

        $foreign = self::figures($unit, [$this->figure('1st Lamplighters', 9)]);
        $this->assertRefused($this->assign(['painter_id' => null, 'rows' => [$foreign]]), 404, 'not-found');
        $here = $this->job()->id;
        $elsewhere = Unit::query()->create(['job_id' => $this->newJob('Another')->id, 'figure_type_id' => $unit->figure_type_id, 'tier_id' => $unit->tier_id, 'name' => 'X', 'position' => 1])->refresh();
        $this->assertRefused($this->as($this->lead(), 'PATCH', "/jobs/{$here}/rows", ['painter_id' => null, 'rows' => [self::row($elsewhere)]]), 404, 'not-found');
    }

    public function test_what_is_not_said_or_said_twice_is_asked_for(): void
    {
        $rows = [self::row($this->unit('2nd Lamplighters'))];
        foreach ([[], ['tier' => null], ['tier' => 'watch', 'by' => 1], ['by' => 0], ['by' => 99]] as $body) {
            self::assertSame(Response::HTTP_UNPROCESSABLE_ENTITY, $this->assign([...$body, 'rows' => $rows])->getStatusCode(), (string) json_encode($body));
        }
        $this->assertRefused($this->assign(['tier' => 'gilded', 'rows' => $rows]), 422, 'unknown-tier', '/tier');
    }

    public function test_the_number_of_queries_is_that_of_the_rows_not_of_their_figures(): void
    {
        $unit = $this->unit('2nd Lamplighters');
        $few = $this->queries(fn () => $this->assign(['by' => 1, 'rows' => [self::row($unit)]])->assertOk());
        $this->answer($this->lead(), 'POST', "/units/{$unit->id}/figures", ['version' => $unit->refresh()->version, 'count' => 200]);
        $many = $this->queries(fn () => $this->assign(['by' => 1, 'rows' => [self::row($this->unit('2nd Lamplighters'))]])->assertOk());

        self::assertLessThanOrEqual($few, $many);
    }

    private function queries(callable $deed): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $deed();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    }

    private function tierId(string $key): int
    {
        return Tier::query()->where('standard_version_id', $this->job()->standard_version_id)->where('key', $key)->firstOrFail()->id;
    }

    /** @return array{unit: int, version: int, figures: null} */
    private static function row(Unit $unit): array
    {
        return ['unit' => $unit->id, 'version' => $unit->version, 'figures' => null];
    }

    /**
     * @param  list<Figure>  $figures
     * @return array{unit: int, version: int, figures: list<array{id: int, version: int}>}
     */
    private static function figures(Unit $unit, array $figures): array
    {
        return ['unit' => $unit->id, 'version' => $unit->version, 'figures' => array_map(static fn (Figure $figure): array => ['id' => $figure->id, 'version' => $figure->version], $figures)];
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<Response>
     */
    private function assign(array $body): TestResponse
    {
        return $this->as($this->lead(), 'PATCH', "/jobs/{$this->job()->id}/rows", $body);
    }
}
