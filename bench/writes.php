<?php

declare(strict_types=1);

// What is written of many figures at once: a unit of 200 marked, handed over and taken back; a job of 1,000 assigned. Required by the benchmarks.

use App\Actions\Jobs\CreateJob;
use App\Actions\Jobs\TakeRoster;
use App\Import\GivenRoster;
use App\Models\Figure;
use App\Models\Job;
use App\Models\Unit;
use Illuminate\Foundation\Application;

final class ManyWritten
{
    private const ROSTER = "unit,figure_type,count,tier\n";

    /** @param  Closure(string, string, array<string, mixed>|null=): array{float, string, array{queries: int, memory: int}}  $ask of a lead who is signed in */
    public function __construct(private readonly Application $app, private readonly Closure $ask)
    {
    }

    /**
     * @param  int  $times each
     * @return array<string, list<array{float, string, array{queries: int, memory: int}}>> answers by what was written
     */
    public function measured(int $times): array
    {
        $unit = $this->unit();
        $sheet = $this->sheet($unit);
        $answers = ['200 figures marked' => [], '200 figures handed over' => [], '1,000 figures assigned' => []];
        for ($time = 0; $time < $times; $time++) {
            $answers['200 figures marked'][] = $this->mark($unit, $sheet['steps'][0], $time % 2 === 0 ? 'done' : 'taken-back');
        }
        foreach ($sheet['steps'] as $step) {
            $this->mark($unit, $step, 'done');
        }
        $figures = Figure::query()->where('unit_id', $unit->id)->orderBy('id')->pluck('id')->all();
        for ($time = 0; $time < $times; $time++) {
            $answers['200 figures handed over'][] = ($this->ask)('POST', '/api/hand-overs', ['figures' => $figures]);
            // As if each had been sent back whole.
            Figure::query()->whereKey($figures)->update(['state' => 'painting']);
        }
        $job = $this->job('A thousand', array_map(static fn (int $at): string => "Company {$at},lamplighter,200,muster", range(1, 5)));
        for ($time = 0; $time < $times; $time++) {
            $rows = Unit::query()->where('job_id', $job->id)->orderBy('position')->get()->map(static fn (Unit $row): array => ['unit' => $row->id, 'version' => $row->version, 'figures' => null])->all();
            $answers['1,000 figures assigned'][] = ($this->ask)('PATCH', "/api/jobs/{$job->id}/rows", ['rows' => $rows, 'tier' => $time % 2 === 0 ? 'watch' : 'muster']);
        }

        return $answers;
    }

    private function unit(): Unit
    {
        return Unit::query()->where('job_id', $this->job('Two hundred', ['Company,lamplighter,200,muster'])->id)->firstOrFail();
    }

    /** @param  list<string>  $lines of the roster */
    private function job(string $name, array $lines): Job
    {
        $job = $this->app->make(CreateJob::class)->handle($name.' '.Job::query()->count(), 'The harbour office', 'Harbour guard', null, null)->refresh();
        $this->app->make(TakeRoster::class)->handle($job, new GivenRoster(self::ROSTER.implode("\n", $lines)."\n"));

        return $job;
    }

    /** @return array<string, mixed> */
    private function sheet(Unit $unit): array
    {
        $rows = json_decode(($this->ask)('GET', "/api/bench-sheets?unit={$unit->id}")[1], true, 512, JSON_THROW_ON_ERROR)['rows'];

        return json_decode(($this->ask)('GET', "/api/jobs/{$unit->job_id}/bench-sheets/{$rows[0]['key']}")[1], true, 512, JSON_THROW_ON_ERROR);
    }

    /**
     * @param  array<string, mixed>  $step
     * @return array{float, string, array{queries: int, memory: int}}
     */
    private function mark(Unit $unit, array $step, string $state): array
    {
        // Each says what it saw: the mark that stands now.
        $stands = array_values(array_filter($this->sheet($unit)['steps'], static fn (array $one): bool => [$one['area'], $one['use']] === [$step['area'], $step['use']]))[0];
        $seen = array_column($stands['marks'], 'id', 'figure_id');
        $figures = array_map(static fn (int $id): array => ['id' => $id, 'seen' => $seen[$id] ?? null], $step['figures']);

        return ($this->ask)('POST', '/api/bench-marks', ['figures' => $figures, 'area' => $step['area'], 'use' => $step['use'], 'state' => $state, 'reason' => null]);
    }
}
