<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Models\Job;
use Core\Plan\BenchHours;
use Core\Plan\PainterPlan;
use Core\Plan\PainterRun;
use DateTimeImmutable;

/** What everybody of a studio paints when, of all jobs that are under way. */
final readonly class StudioPlan
{
    /** @var array<int, PainterPlan> by painter */
    public array $plans;

    /** @var array<int, list<PlannedSheet>> by job */
    private array $byJob;

    /**
     * @param  list<Job>  $jobs that are under way, what is due first
     * @param  list<PlannedSheet>  $sheets
     * @param  array<int, BenchHours>  $hours by painter
     * @param  DateTimeImmutable  $now in the studio's time zone
     * @param  float  $change minutes to take another paint
     * @param  array<int, PainterPlan>  $known of painters of whom nothing differs
     */
    public function __construct(
        public array $jobs,
        public array $sheets,
        public array $hours,
        public DateTimeImmutable $now,
        public float $change,
        array $known = [],
    ) {
        $works = $byJob = [];
        foreach ($sheets as $sheet) {
            $byJob[$sheet->job->id][] = $sheet;
            if ($sheet->painterId !== null) {
                $works[$sheet->painterId][] = $sheet->work;
            }
        }
        $plans = [];
        foreach ($works + array_map(static fn (): array => [], $hours) as $painter => $ofPainter) {
            $plans[$painter] = $known[$painter] ?? (new PainterRun($hours[$painter] ?? new BenchHours([]), $now, $change))->plan($ofPainter);
        }
        $this->plans = $plans;
        $this->byJob = $byJob;
    }

    /** @return list<PlannedSheet> */
    public function ofJob(Job $job): array
    {
        return $this->byJob[$job->id] ?? [];
    }

    public function endOf(PlannedSheet $sheet): ?DateTimeImmutable
    {
        return $sheet->painterId === null ? null : $this->plans[$sheet->painterId]->ends[$sheet->work->id] ?? null;
    }

    /** When the last coat of a job is laid; null where something of it has no date, or nothing is left. */
    public function end(Job $job): ?DateTimeImmutable
    {
        $ends = array_map($this->endOf(...), $this->ofJob($job));

        return $ends === [] || in_array(null, $ends, true) ? null : max($ends);
    }

    /** When the last coat is laid of what of a job has a date; null where nothing has. */
    public function endOfGiven(Job $job): ?DateTimeImmutable
    {
        $ends = array_filter(array_map($this->endOf(...), $this->ofJob($job)));

        return $ends === [] ? null : max($ends);
    }

    /** With one work given to somebody else. */
    public function givenTo(PlannedSheet $given, int $painterId): self
    {
        $sheets = array_map(static fn (PlannedSheet $sheet): PlannedSheet => $sheet === $given ? $sheet->by($painterId) : $sheet, $this->sheets);

        return $this->anew($sheets, $this->hours, [$painterId, $given->painterId ?? 0]);
    }

    /**
     * With longer days of some.
     *
     * @param  list<int>  $painters
     */
    public function longer(array $painters, float $minutes): self
    {
        $hours = $this->hours;
        foreach ($painters as $painter) {
            $hours[$painter] = ($hours[$painter] ?? new BenchHours([]))->longer($minutes);
        }

        return $this->anew($this->sheets, $hours, $painters);
    }

    /**
     * With other work in the place of some.
     *
     * @param  list<PlannedSheet>  $gone
     * @param  list<PlannedSheet>  $instead
     */
    public function with(array $gone, array $instead): self
    {
        $left = array_filter($this->sheets, static fn (PlannedSheet $sheet): bool => ! in_array($sheet, $gone, true));

        return $this->anew([...array_values($left), ...$instead], $this->hours, array_map(static fn (PlannedSheet $sheet): int => $sheet->painterId ?? 0, [...$gone, ...$instead]));
    }

    /** Without a job, as if it were set aside. */
    public function without(Job $job): self
    {
        return $this->with($this->ofJob($job), []);
    }

    /**
     * @param  list<PlannedSheet>  $sheets
     * @param  array<int, BenchHours>  $hours
     * @param  list<int>  $painters of whom something differs; the others' plans stand
     */
    private function anew(array $sheets, array $hours, array $painters): self
    {
        return new self($this->jobs, $sheets, $hours, $this->now, $this->change, array_diff_key($this->plans, array_flip($painters)));
    }
}
