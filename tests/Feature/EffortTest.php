<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Models\AreaTier;
use App\Models\JobChange;
use Illuminate\Support\Arr;

/** Where more minutes are best spent, area by area, and giving them: what it says is what comes of it. */
final class EffortTest extends TestCase
{
    public function test_no_more_is_spent_than_there_is_and_what_is_taken_is_what_was_said(): void
    {
        $before = $this->minutes();
        $effort = $this->effort(240);
        $areas = self::areas($effort);

        self::assertNotSame([], $areas);
        self::assertLessThanOrEqual(240, $effort['spent']);
        self::assertSame($effort['spent'], array_sum(array_column($areas, 'minutes')));
        self::assertGreaterThan($effort['seen_now'], $effort['seen_then']);
        self::assertNotContains('figure', array_column($areas, 'area'), 'what lies over all stays as it is');

        $this->answer($this->lead(), 'PUT', "/jobs/{$this->job()->id}/effort", ['areas' => array_map(self::taken(...), $areas)]);
        self::assertEqualsWithDelta($effort['seen_then'], $this->effort(0)['seen_now'], 1e-9);
        // Minutes of each area are told in whole ones, rounded up.
        self::assertEqualsWithDelta(Arr::integer($effort, 'spent') - count($areas) / 2, $this->minutes() - $before, count($areas) / 2 + 1);

        $change = JobChange::query()->where('job_id', $this->job()->id)->orderByDesc('id')->firstOrFail();
        $this->answer($this->lead(), 'POST', "/job-changes/{$change->id}/taking-back");
        self::assertEqualsWithDelta($before, $this->minutes(), 1e-6, 'one change, taken back as one');
    }

    public function test_more_minutes_never_show_less(): void
    {
        $seen = array_map(fn (int $minutes): mixed => $this->effort($minutes)['seen_then'], [0, 30, 120, 600, 3000]);
        $sorted = $seen;
        sort($sorted);

        self::assertSame($sorted, $seen);
        self::assertSame([], self::areas($this->effort(0)));
    }

    public function test_an_area_goes_on_from_its_own_tier_and_a_tier_that_is_silent_is_stepped_over(): void
    {
        $places = array_map(static fn (array $one): string => "{$one['area']} {$one['to']}", self::areas($this->effort(3000)));
        self::assertNotContains('guard badge Watch', $places, 'Watch says nothing of markings');
        $unit = $this->unit('2nd Lamplighters');
        $this->answer($this->lead(), 'PUT', "/units/{$unit->id}/area-tiers", ['version' => $unit->version, 'figures' => null, 'area' => 'oilskin coat', 'tier' => 'banner']);
        $coat = Arr::first(self::areas($this->effort(3000)), static fn (array $one): bool => $one['name'] === '2nd Lamplighters' && $one['area'] === 'oilskin coat');

        self::assertSame('Banner', $coat['from'] ?? 'Banner');
    }

    public function test_bad_input_is_told_where_it_stands_and_nothing_is_stored(): void
    {
        $job = $this->job()->id;
        $this->assertRefused($this->as($this->lead(), 'GET', "/jobs/{$job}/effort?minutes=-1"), 422, 'invalid', '/minutes');
        $this->assertRefused($this->as($this->lead(), 'GET', "/jobs/{$job}/effort?minutes=3001"), 422, 'invalid', '/minutes');
        self::assertSame(403, $this->as($this->isla(), 'GET', "/jobs/{$job}/effort?minutes=10")->getStatusCode());
        $unit = $this->unit('2nd Lamplighters');
        $coat = ['unit' => $unit->id, 'version' => $unit->version, 'figures' => null, 'area' => 'oilskin coat', 'tier' => 'guard'];
        $before = AreaTier::query()->count();
        $this->assertRefused($this->as($this->lead(), 'PUT', "/jobs/{$job}/effort", ['areas' => [$coat, ['tier' => 'royal'] + $coat]]), 422, 'unknown-tier', '/tier');
        $this->assertRefused($this->as($this->lead(), 'PUT', "/jobs/{$job}/effort", ['areas' => [['version' => 99] + $coat]]), 409, 'stale');
        self::assertSame($before, AreaTier::query()->count(), 'all of them or none');
    }

    /** @return array<array-key, mixed> */
    private function effort(int $minutes): array
    {
        return $this->answer($this->lead(), 'GET', "/jobs/{$this->job()->id}/effort?minutes={$minutes}");
    }

    /**
     * @param  array<array-key, mixed>  $effort
     * @return list<array{unit: int, version: int, name: string, figures: list<array{id: int, number: int}>, whole_unit: bool, area: string, from: string, to: string, tier: string, minutes: int}>
     */
    private static function areas(array $effort): array
    {
        /** @var list<array{unit: int, version: int, name: string, figures: list<array{id: int, number: int}>, whole_unit: bool, area: string, from: string, to: string, tier: string, minutes: int}> */
        return array_values((array) $effort['areas']);
    }

    /**
     * @param  array{unit: int, version: int, figures: list<array{id: int, number: int}>, whole_unit: bool, area: string, tier: string}  $area
     * @return array<string, mixed>
     */
    private static function taken(array $area): array
    {
        return ['unit' => $area['unit'], 'version' => $area['version'], 'figures' => $area['whole_unit'] ? null : array_column($area['figures'], 'id'), 'area' => $area['area'], 'tier' => $area['tier']];
    }

    private function minutes(): float
    {
        return array_sum(array_map(static fn (ComposedFigure $figure): float => $figure->composition->minutes, $this->app->make(JobFigures::class)->ofJob($this->job())));
    }
}
