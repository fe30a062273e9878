<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Actions\Planning\PlannedSheet;
use App\Actions\Planning\StudioPlan;
use App\Actions\Planning\WaysOut;
use App\Http\Shared\Resource;
use App\Models\Job;
use App\Models\Studio;
use Core\Plan\Deadline;
use DateTimeImmutable;

/**
 * How much everybody has to paint, and which jobs are late.
 *
 * @phpstan-type PainterLoad array{
 *   painter_id: int,
 *   painter: string,
 *   minutes: float,
 *   week_minutes: float,
 *   weeks: float|null,
 *   done_on: string|null,
 *   late: int,
 * }
 * @phpstan-type JobDate array{
 *   id: int,
 *   name: string,
 *   due: string|null,
 *   painted_on: string|null,
 *   days_over: int|null,
 *   promised_on: string|null,
 *   promise_over: int|null,
 *   minutes: float,
 *   nobody: float,
 *   days_left: int|null,
 *   days_needed: int|null,
 *   given_until: string|null,
 * }
 * @phpstan-type DueLook array{
 *   job_id: int,
 *   job: string,
 *   key: string,
 *   unit: string,
 *   title: string,
 *   figures: int,
 * }
 * @phpstan-type StudioPlan_ array{
 *   painters: list<PainterLoad>,
 *   jobs: list<JobDate>,
 *   nobody: float,
 *   looks: list<DueLook>,
 * }
 */
final readonly class StudioPlanResource extends Resource
{
    public function __construct(
        private StudioPlan $plan,
        private Studio $studio,
    ) {
    }

    /** @return StudioPlan_ with the minutes that are given to nobody */
    public function toArray(): array
    {
        return [
            'painters' => $this->painters(),
            'jobs' => array_map($this->job(...), $this->plan->jobs),
            'nobody' => $this->minutesOf(null),
            'looks' => $this->looks(),
        ];
    }

    /** @return list<PainterLoad> who has hours or work, by name */
    private function painters(): array
    {
        $names = WaysOut::names($this->studio->id);
        asort($names);
        $painters = [];
        foreach ($names as $id => $name) {
            $minutes = $this->minutesOf($id);
            $hours = $this->plan->hours[$id] ?? null;
            if ($minutes <= 0 && ($hours === null || $hours->none())) {
                continue;
            }
            $ends = array_map($this->plan->endOf(...), $this->sheetsOf($id));
            $late = array_filter($this->sheetsOf($id), fn (PlannedSheet $sheet): bool => ($end = $this->plan->endOf($sheet)) !== null && ! WaysOut::isInTime($sheet->job, $end));
            $painters[] = [
                'painter_id' => $id, 'painter' => $name, 'minutes' => $minutes, 'week_minutes' => $week = $hours === null ? 0.0 : array_sum($hours->minutes), 'weeks' => $week > 0 ? $minutes / $week : null,
                'done_on' => $ends === [] || in_array(null, $ends, true) ? null : max($ends)->format('Y-m-d'), 'late' => count($late),
            ];
        }

        return $painters;
    }

    /** @return JobDate */
    private function job(Job $job): array
    {
        $end = $this->plan->end($job);
        $given = $this->plan->endOfGiven($job);
        $sheets = $this->plan->ofJob($job);

        return [
            'id' => $job->id, 'name' => $job->name, 'due' => $job->due?->format('Y-m-d'), 'painted_on' => $end?->format('Y-m-d'),
            'days_over' => $job->due === null ? null : JobPlanResource::daysOver($job->due, $end),
            'minutes' => PlannedSheet::minutesOf($sheets),
            'nobody' => PlannedSheet::minutesOf(array_values(array_filter($sheets, static fn (PlannedSheet $sheet): bool => $sheet->painterId === null))),
            'days_left' => $this->daysTo($job->due), 'days_needed' => $this->daysTo($given), 'given_until' => $given?->format('Y-m-d'),
            'promised_on' => $job->promised_on?->format('Y-m-d'), 'promise_over' => $job->promised_on === null ? null : JobPlanResource::daysOver($job->promised_on, $end),
        ];
    }

    /** Below 0: it is past; null: there is no such day. */
    private function daysTo(?DateTimeImmutable $day): ?int
    {
        return $day === null ? null : (new Deadline($day, $this->plan->now))->daysLeft();
    }

    /** @return list<DueLook> between stages, on figures on which all that is looked at is done */
    private function looks(): array
    {
        $looks = $jobs = [];
        foreach ($this->plan->sheets as $planned) {
            // One sheet may be in the plans of several painters.
            $jobs[$planned->sheet->key] = [$planned->job, $planned->sheet];
        }
        foreach ($jobs as [$job, $sheet]) {
            foreach ($sheet->steps as $step) {
                $figures = count($sheet->toLookAt($step));
                if ($figures > 0) {
                    $looks[] = ['job_id' => $job->id, 'job' => $job->name, 'key' => $sheet->key, 'unit' => $sheet->first()->unit->name, 'title' => $step->inWords(), 'figures' => $figures];
                }
            }
        }

        return $looks;
    }

    private function minutesOf(?int $painter): float
    {
        return PlannedSheet::minutesOf($this->sheetsOf($painter));
    }

    /** @return list<PlannedSheet> */
    private function sheetsOf(?int $painter): array
    {
        return array_values(array_filter($this->plan->sheets, static fn (PlannedSheet $sheet): bool => $sheet->painterId === $painter));
    }
}
