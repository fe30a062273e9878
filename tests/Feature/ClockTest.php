<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Bench\BenchSheets;
use App\Http\Bench\BenchSheetResource;
use App\Models\BenchClock;
use App\Models\Figure;
use App\Models\User;
use App\Models\WorkedTime;
use Illuminate\Support\Carbon;

/**
 * The clock at the bench: what it says of each step, how that is corrected, and when it is enough.
 *
 * @phpstan-import-type BenchSheet_ from BenchSheetResource
 */
final class ClockTest extends TestCase
{
    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_it_says_of_each_step_how_long_it_took(): void
    {
        $figure = $this->figure('2nd Lamplighters', 2);
        $this->begin($figure);
        $this->after(4, $figure, 'figure', 'clean');
        $sheet = $this->after(90, $figure, 'figure', 'prime-grey');

        self::assertSame([['Clean mould lines and gaps, figure', [2], 4.0], ['Mid grey primer, figure', [2], 90.0]], self::entries($sheet));
        self::assertSame([94.0, 0], [(float) $sheet['worked']['minutes'], $sheet['worked']['unknown']]);
        self::assertSame([$figure->unit_id, '2nd Lamplighters'], [$sheet['clock']['unit_id'] ?? 0, $sheet['clock']['unit'] ?? '']);
        // The database keeps whole seconds.
        self::assertEqualsWithDelta(0, $sheet['clock']['minutes'] ?? -1, 1 / 60);
    }

    public function test_without_a_clock_nothing_is_known(): void
    {
        $sheet = $this->after(4, $this->figure('2nd Lamplighters', 2), 'figure', 'clean');

        self::assertNull($sheet['clock']);
        self::assertSame([], $sheet['worked']['entries']);
        self::assertSame([], $sheet['enough']);
    }

    public function test_one_wash_on_two_areas_is_one_time(): void
    {
        $figure = $this->figure('1st Lamplighters', 9);
        $this->begin($figure);
        $this->after(3, $figure, 'face', 'wash');
        $sheet = $this->after(0, $figure, 'hands', 'wash');

        self::assertSame([['All-over wash, face, hands', [9], 3.0]], self::entries($sheet));
        self::assertEqualsWithDelta($this->minutes($sheet, 'face', 'wash') + $this->minutes($sheet, 'hands', 'wash'), $sheet['worked']['entries'][0]['allowed'], 0.02);
    }

    public function test_a_clock_left_running_over_night_is_not_taken_for_work_and_asks(): void
    {
        $figure = $this->figure('2nd Lamplighters', 2);
        $this->begin($figure);
        $sheet = $this->after(9 * 60, $figure, 'figure', 'clean');
        $time = $sheet['worked']['entries'][0];
        self::assertSame([null, 0.0, 1], [$time['minutes'], (float) $sheet['worked']['minutes'], $sheet['worked']['unknown']]);

        $corrected = $this->answer($this->isla(), 'PATCH', "/worked-times/{$time['id']}", ['minutes' => 12.5, 'version' => 1]);
        self::assertSame([['Clean mould lines and gaps, figure', [2], 12.5]], self::entries($corrected));
        $this->assertRefused($this->as($this->isla(), 'PATCH', "/worked-times/{$time['id']}", ['minutes' => 3, 'version' => 1]), 409, 'stale');
        $this->assertRefused($this->as($this->isla(), 'PATCH', "/worked-times/{$time['id']}", ['minutes' => -1, 'version' => 2]), 422, 'invalid', '/minutes');
        $this->assertRefused($this->as($this->jory(), 'PATCH', "/worked-times/{$time['id']}", ['minutes' => 3, 'version' => 2]), 403, 'not-your-time');
        $this->as($this->lead(), 'PATCH', "/worked-times/{$time['id']}", ['minutes' => null, 'version' => 2])->assertOk();
        self::assertNull(WorkedTime::query()->findOrFail($time['id'])->minutes);
    }

    public function test_it_runs_at_one_bench_and_ends_unread(): void
    {
        $this->begin($this->figure('2nd Lamplighters', 2));
        $this->begin($this->figure('Quay watch', 3));
        self::assertSame([$this->unit('Quay watch')->id], BenchClock::query()->pluck('unit_id')->all());
        $sheet = $this->after(5, $this->figure('2nd Lamplighters', 2), 'figure', 'clean');
        self::assertSame([], $sheet['worked']['entries'], 'it runs at another bench');
        self::assertSame('Quay watch', $sheet['clock']['unit'] ?? '');

        self::assertNull($this->answer($this->isla(), 'DELETE', '/bench-clock')['clock']);
        $this->assertRefused($this->as($this->isla(), 'POST', '/bench-clock', ['unit_id' => 999_999]), 404, 'not-found');
        $this->assertRefused($this->as($this->stranger(), 'POST', '/bench-clock', ['unit_id' => $this->unit('Quay watch')->id]), 404, 'not-found');
    }

    public function test_when_the_minutes_allowed_are_used_it_says_what_is_left_by_what_it_adds(): void
    {
        $figure = $this->figure('2nd Lamplighters', 1);
        $this->begin($figure);
        $sheet = $this->after(120, $figure, 'figure', 'clean');
        self::assertSame([], $sheet['enough']);

        $this->answer($this->isla(), 'PATCH', "/worked-times/{$sheet['worked']['entries'][0]['id']}", ['minutes' => $sheet['worked']['allowed'] + 0.1, 'version' => 1]);
        $enough = $this->sheet($figure)['enough'];
        self::assertCount(count($sheet['steps']) - 1, $enough);
        $weights = array_map(static fn (array $line): int => ['critical' => 0, 'major' => 1, 'minor' => 2, '' => 3][$line['severity'] ?? ''], $enough);
        $sorted = $weights;
        sort($sorted);
        self::assertSame($sorted, $weights);
        self::assertSame('critical', $enough[0]['severity']);
    }

    private function begin(Figure $figure): void
    {
        Carbon::setTestNow(now());
        $this->answer($this->isla(), 'POST', '/bench-clock', ['unit_id' => $figure->unit_id]);
    }

    /** @return BenchSheet_ after so many minutes a step is marked as done */
    private function after(int $minutes, Figure $figure, string $area, string $use): array
    {
        Carbon::setTestNow(now()->addMinutes($minutes));

        /** @var BenchSheet_ */
        return $this->answer($this->isla(), 'POST', '/bench-marks', ['figures' => $this->seen([$figure->id], $area, $use), 'area' => $area, 'use' => $use, 'state' => 'done']);
    }

    /** @return BenchSheet_ */
    private function sheet(Figure $figure, ?User $user = null): array
    {
        /** @var BenchSheet_ */
        return $this->answer($user ?? $this->isla(), 'GET', "/jobs/{$figure->unit->job_id}/bench-sheets/{$this->app->make(BenchSheets::class)->ofFigure($figure)->key}");
    }

    /** @param  BenchSheet_  $sheet */
    private function minutes(array $sheet, string $area, string $use): float
    {
        foreach ($sheet['steps'] as $step) {
            if ([$step['area'], $step['use']] === [$area, $use]) {
                return $step['minutes'];
            }
        }

        self::fail("There is no {$use} on {$area}.");
    }

    /**
     * @param  array<array-key, mixed>  $sheet
     * @return list<array{string, list<int>, float|null}> title, figures, minutes
     */
    private static function entries(array $sheet): array
    {
        /** @var BenchSheet_ $sheet */
        return array_map(static fn (array $time): array => [$time['title'], $time['figures'], $time['minutes'] === null ? null : (float) $time['minutes']], $sheet['worked']['entries']);
    }
}
