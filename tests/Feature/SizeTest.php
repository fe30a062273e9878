<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Bench\BenchSheets;
use App\Models\Figure;
use App\Models\Job;
use App\Models\Scheme;
use App\Models\Unit;
use Core\Plan\FigureState;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;

/** Nothing that a studio can have makes an error, or is cut off without a word. */
final class SizeTest extends CheckTestCase
{
    public function test_two_hundred_figures_are_marked_and_handed_over_at_once(): void
    {
        $unit = $this->unitOf(200);
        $figures = Figure::query()->where('unit_id', $unit->id)->orderBy('number')->get();
        $this->markAll($unit);
        $ids = $figures->modelKeys();
        DB::enableQueryLog();
        $from = microtime(true);
        $this->as($this->isla(), 'POST', '/hand-overs', ['figures' => $ids])->assertOk();
        $seconds = microtime(true) - $from;
        $queries = count(DB::getQueryLog());

        self::assertSame(200, Figure::query()->where('unit_id', $unit->id)->where('state', FigureState::ToCheck)->count());
        self::assertLessThan(60, $queries, 'the number of queries does not depend on that of figures');
        fwrite(STDOUT, sprintf("\n200 figures handed over: %.2f s, %d queries\n", $seconds, $queries));
        // A machine may be slow; that each is composed with all the others, as it was, is slower than any.
        self::assertLessThan(5, $seconds);
    }

    public function test_marking_two_hundred_figures_takes_as_many_queries_as_marking_two(): void
    {
        $unit = $this->unitOf(200);
        $ids = array_map(static fn (Figure $figure): int => $figure->id, array_values(Figure::query()->where('unit_id', $unit->id)->orderBy('number')->get()->all()));
        $count = function (array $some, string $use): int {
            $body = ['figures' => array_map(static fn (mixed $id): array => ['id' => $id, 'seen' => null], $some), 'area' => 'figure', 'use' => $use, 'state' => 'done'];
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->as($this->isla(), 'POST', '/bench-marks', $body)->assertOk();

            return count(DB::getQueryLog());
        };
        $count(array_slice($ids, 0, 1), 'clean');

        self::assertSame($count(array_slice($ids, 1, 2), 'clean'), $count(array_slice($ids, 3), 'clean'));
    }

    public function test_the_plan_of_two_hundred_figures_takes_as_many_queries_as_that_of_two(): void
    {
        $count = function (int $figures): int {
            $job = $this->unitOf($figures)->job_id;
            // The first of such figures is put in order, and that is kept.
            $this->answer($this->isla(), 'GET', "/jobs/{$job}/plan");
            DB::flushQueryLog();
            DB::enableQueryLog();
            $from = microtime(true);
            $rows = $this->answer($this->isla(), 'GET', "/jobs/{$job}/plan")['rows'];
            $queries = count(DB::getQueryLog());
            DB::disableQueryLog();
            fwrite(STDOUT, sprintf("\n%d figures planned beside the demo: %.2f s, %d queries\n", $figures, microtime(true) - $from, $queries));
            self::assertCount(1, (array) $rows);
            DB::table('jobs')->where('id', $job)->update(['state' => 'closed']);

            return $queries;
        };

        self::assertSame($count(2), $count(200));
    }

    /** Bench, paint needs and plan of a studio with two jobs of two units more, and with twelve: the queries of each are told. */
    public function test_what_goes_through_all_open_work_asks_the_database_no_more_with_twelve_jobs_than_with_two(): void
    {
        $paths = ['/bench-sheets', '/paint-needs', '/plan'];
        $made = 0;
        $asked = function (int $jobs) use ($paths, &$made): array {
            for (; $made < $jobs; $made++) {
                $job = $this->newJob("Job {$made}");
                $this->answer($this->lead(), 'POST', "/jobs/{$job->id}/roster", ['text' => "unit,figure_type,count,tier,leader_count,leader_tier,note\nFirst,lamplighter,20,muster,1,guard,\nSecond,lamplighter,20,watch,0,,\n"]);
            }
            $counts = [];
            foreach ($paths as $path) {
                // What is kept between requests is there: each is asked as it is asked all day.
                $this->answer($this->lead(), 'GET', $path);
                $this->newRequest();
                DB::enableQueryLog();
                DB::flushQueryLog();
                $this->answer($this->lead(), 'GET', $path);
                $counts[$path] = count(DB::getQueryLog());
                DB::disableQueryLog();
            }

            return $counts;
        };

        self::assertSame($asked(2), $asked(12));
    }

    public function test_the_bench_list_has_pages_of_units_with_the_true_count_and_finds(): void
    {
        foreach (['Breakwater' => 3, 'Slipway' => 25] as $name => $units) {
            $job = $this->newJob($name);
            $rows = implode("\n", array_map(static fn (int $at): string => "{$name} {$at},lamplighter,2,muster", range(1, $units)));
            $this->answer($this->lead(), 'POST', "/jobs/{$job->id}/roster", ['text' => "unit,figure_type,count,tier\n{$rows}\n"]);
        }
        // Seven of the demo.
        $first = $this->answer($this->lead(), 'GET', '/bench-sheets');
        $second = $this->answer($this->lead(), 'GET', '/bench-sheets?page=2');
        self::assertSame([35, 2, 1], [$first['all'], $first['pages'], $first['page']]);
        self::assertSame([35, 2, 2], [$second['all'], $second['pages'], $second['page']]);
        $keys = [...array_column($this->benchOf($this->lead()), 'key'), ...array_column($this->benchOf($this->lead(), '?page=2'), 'key')];
        self::assertSame($keys, array_values(array_unique($keys, SORT_REGULAR)));
        $found = fn (string $words): array => array_column($this->benchOf($this->lead(), "?find={$words}"), 'unit');
        self::assertSame(['Breakwater 1', 'Breakwater 2', 'Breakwater 3'], $found('breakw'), 'a job and a unit');
        self::assertSame(['Heron riders'], $found('heron+rider'), 'a type');
        self::assertSame(['Tide divers', 'Heron riders'], $found('jory'), 'a painter');
        self::assertSame([], $found('25%25'), 'as it is written');
        $unit = Unit::query()->where('name', 'Slipway 7')->firstOrFail();
        self::assertSame(['Slipway 7'], array_column($this->benchOf($this->lead(), "?unit={$unit->id}"), 'unit'));
        $this->assertRefused($this->as($this->lead(), 'GET', '/bench-sheets?page=0'), 422, 'invalid', '/page');
        $this->assertRefused($this->as($this->lead(), 'GET', '/bench-sheets?unit=x'), 422, 'invalid', '/unit');
    }

    public function test_lists_say_how_many_there_are_and_have_pages(): void
    {
        $unit = $this->unitOf(120);
        DB::table('figures')->where('unit_id', $unit->id)->update(['state' => 'to-check']);
        $first = $this->answer($this->deputy(), 'GET', '/checks');
        $last = $this->answer($this->deputy(), 'GET', '/checks?page=3');

        self::assertSame([126, 3, 1], [$first['all'], $first['pages'], $first['page']]);
        self::assertIsArray($first['rows']);
        self::assertIsArray($last['rows']);
        self::assertSame([50, 26], [count($first['rows']), count($last['rows'])]);
        self::assertCount(76, array_unique(array_column([...$first['rows'], ...$last['rows']], 'figure_id'), SORT_REGULAR), 'no figure is on two pages');
        $today = $this->answer($this->deputy(), 'GET', '/today');
        self::assertSame([126, 20], [$today['checks_all'], count((array) $today['checks'])]);
        $this->assertRefused($this->as($this->deputy(), 'GET', '/checks?page=0'), 422, 'invalid', '/page');
        self::assertSame([], $this->answer($this->deputy(), 'GET', '/checks?page=99')['rows']);
    }

    public function test_what_is_looked_at_all_day_takes_as_many_queries_with_a_dozen_jobs_as_with_one(): void
    {
        $paths = ['/today', '/jobs', '/schemes/'.Scheme::query()->firstOrFail()->id, '/checks'];
        $count = fn (string $path): int => $this->queriesOf(fn (): array => $this->answer($this->lead(), 'GET', $path));
        // What is kept after the first time is not what is measured.
        array_map($count, $paths);
        $before = array_map($count, $paths);
        for ($at = 1; $at <= 12; $at++) {
            $job = $this->newJob("Job {$at}");
            $this->answer($this->lead(), 'POST', "/jobs/{$job->id}/roster", ['text' => "unit,figure_type,count,tier,leader_count,leader_tier,note\nFirst,lamplighter,9,muster,1,guard,\nSecond,tide-diver,9,watch,0,,\n"]);
        }

        self::assertSame($before, array_map($count, $paths));
        $today = $this->answer($this->lead(), 'GET', '/today');
        self::assertSame([20, 31], [count((array) $today['bench']), $today['bench_all']], 'the first are listed, all are counted');
    }

    public function test_a_closed_job_waits_for_nobody(): void
    {
        $waits = fn (): array => [$this->answer($this->lead(), 'GET', '/today')['bench_all'], Arr::get($this->answer($this->isla(), 'GET', '/session'), 'waiting.bench')];
        self::assertNotContains(0, $waits());
        Job::query()->update(['state' => 'closed']);

        self::assertSame([0, 0], $waits());
    }

    public function test_jobs_are_listed_with_what_their_figures_are_at(): void
    {
        $this->signed();
        $this->newJob('A job without a figure');
        $jobs = $this->answer($this->lead(), 'GET', '/jobs');
        $states = static fn (mixed $job): array => array_filter(array_column(is_array($job) ? (array) $job['states'] : [], 'figures', 'state'));

        self::assertSame([['to-paint' => 48, 'painting' => 1, 'to-check' => 5, 'signed' => 1], []], array_map($states, $jobs));
        self::assertSame([[55, 1], [0, 0]], array_map(static fn (mixed $job): array => is_array($job) ? [$job['figures'], $job['signed']] : [], $jobs));
    }

    public function test_an_answer_says_what_it_took_where_a_setting_wants_that(): void
    {
        $said = fn (): ?string => $this->as($this->lead(), 'GET', '/jobs')->headers->get('Server-Timing');
        self::assertNull($said());
        config(['ordotype.measures' => true]);

        self::assertMatchesRegularExpression('/^queries;dur=[1-9]\d*, memory;dur=\d{6,}$/', (string) $said());
    }

    public function test_records_are_found_by_what_stands_in_them(): void
    {
        $hash = $this->signed()->hash;
        $this->figure('1st Lamplighters', 3)->update(['name' => 'Old Tobias']);
        $this->signed($this->figure('1st Lamplighters', 3));
        $found = fn (string $find): mixed => $this->answer($this->isla(), 'GET', '/sign-offs?find='.rawurlencode($find))['all'];

        self::assertSame([1, 1, 2, 2, 2, 0, 0], array_map($found, ['2', substr($hash, 0, 10), 'lamplight', 'harbour office', 'Petherick', '100 %', "x' OR 1=1"]));
        $day = now()->format('Y-m-d');
        self::assertSame([2, 0, 2, 1, 0, 2, 0], array_map($found, ['isla co', 'jory', $day, 'lamplighters 3', 'lamplighters 7', substr($day, 0, 7), '1999-12-31']), 'who painted, the day, a figure, the month');
        self::assertSame([1, 0], array_map($found, ['tobias', '2026-13-45']), 'a name of its own; what is no day is no day');
        // Three digits of a seal may be the number of a record, once in two thousand times.
        $short = substr($hash, 0, 3);
        self::assertSame([in_array($short, ['001', '002'], true) ? 1 : 0, 1], array_map($found, [$short, substr($hash, 0, 4)]), 'a digit or two are no seal');
    }

    public function test_what_comes_back_mended_is_first_and_says_what_was_mended(): void
    {
        $check = $this->act($this->open($this->figure('1st Lamplighters', 5)), 'flaws', ['flaw' => 'broken', 'area' => 'lamp pole', 'side' => 'left']);
        $this->act($check, 'refusal');
        $states = fn (): array => array_map(static fn (array $row): array => [$row['refused'], $row['mended'], $row['to_check']], array_values(array_filter($this->benchOf($this->isla()), static fn (array $row): bool => $row['unit'] === '1st Lamplighters' && $row['tier'] === 'Muster')));
        self::assertSame([[1, 0, 5]], $states());
        $fault = \App\Models\Fault::query()->firstOrFail();
        $this->answer($this->isla(), 'POST', "/faults/{$fault->id}/mending");
        self::assertSame([[0, 1, 5]], $states());
        $refused = $this->answer($this->isla(), 'GET', '/today')['refused'];
        self::assertIsArray($refused);
        self::assertIsArray($refused[0]);
        self::assertSame(['mended', ['lamp pole']], [$refused[0]['state'], $refused[0]['mended']]);
        $this->answer($this->isla(), 'POST', '/hand-overs', ['figures' => [$this->figure('1st Lamplighters', 5)->id]]);
        $rows = $this->answer($this->deputy(), 'GET', '/checks')['rows'];
        self::assertIsArray($rows);
        self::assertIsArray($rows[0]);
        self::assertSame([5, ['lamp pole']], [$rows[0]['number'], $rows[0]['mended']]);
    }

    /** @param  callable(): mixed  $request */
    private function queriesOf(callable $request): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $request();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    }

    private function unitOf(int $count): Unit
    {
        $job = $this->newJob("Large, {$count} figures");
        $this->answer($this->lead(), 'POST', "/jobs/{$job->id}/roster", ['text' => "unit,figure_type,count,tier,leader_count,leader_tier,note\nMany,lamplighter,{$count},muster,0,,\n"]);
        $unit = Unit::query()->where('job_id', $job->id)->firstOrFail();
        $unit->update(['painter_id' => $this->isla()->id]);

        return $unit;
    }

    /** Every step on every figure, as if it had been marked one by one. */
    private function markAll(Unit $unit): void
    {
        $sheet = $this->app->make(BenchSheets::class)->ofUnit($unit->load('job'))[0];
        foreach ($sheet->steps as $step) {
            DB::table('bench_marks')->insert(array_map(fn ($figure): array => [
                'studio_id' => $this->lead()->studio_id, 'figure_id' => $figure->row->id, 'area' => $step->area, 'use' => $step->use, 'technique' => $step->technique,
                'coats' => $step->coats, 'steps' => $step->steps, 'extent' => $step->extent, 'state' => 'done', 'user_id' => $this->isla()->id, 'created_at' => now(), 'updated_at' => now(),
            ], $sheet->figures));
        }
        DB::table('figures')->where('unit_id', $unit->id)->update(['state' => 'painting']);
    }
}
