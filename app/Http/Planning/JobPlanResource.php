<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Actions\Planning\PlannedJob;
use App\Actions\Planning\PlannedSheet;
use App\Actions\Planning\StudioPlan;
use App\Actions\Planning\WayKind;
use App\Actions\Planning\WayOut;
use App\Actions\Planning\WaysOut;
use App\Http\Shared\Resource;
use App\Http\Shared\WhyShape;
use App\Models\Figure;
use App\Models\Job;
use Core\NumberText;
use Core\Plan\BenchHours;
use Core\Plan\Deadline;
use Core\Plan\FigureState;
use Core\Plan\Sitting;
use Core\Why;
use DateTimeImmutable;

/**
 * What is painted of a job when.
 *
 * @phpstan-import-type Why from WhyShape as WhyData
 * @phpstan-import-type PlannedStretch from PlannedStretches
 *
 * @phpstan-type PlanRow array{
 *   unit: string,
 *   tier: string,
 *   painter_id: int|null,
 *   painter: string|null,
 *   figures: int,
 *   minutes: float,
 *   begins: string|null,
 *   ends: string|null,
 *   stretches: list<PlannedStretch>,
 * }
 * @phpstan-type OtherWork array{
 *   painter_id: int,
 *   painter: string,
 *   job_id: int,
 *   job: string,
 *   unit: string,
 *   stretches: list<PlannedStretch>,
 * }
 * @phpstan-type JobPlan array{
 *   job: array{id: int, name: string, version: int, due: string|null},
 *   promised: array{on: string, by: string, at: string, days_over: int|null}|null,
 *   aside: array{because: string, by: string, at: string}|null,
 *   now: string,
 *   painted_on: string|null,
 *   days_over: int|null,
 *   minutes: float,
 *   open: list<string>,
 *   rows: list<PlanRow>,
 *   others: list<OtherWork>,
 *   sittings: list<array{painter_id: int, painter: string, from: string, until: string}>,
 *   ways: list<array{kind: value-of<WayKind>, say: string, on: string, in_time: bool}>,
 *   if_aside: list<array{job: string, on: string, instead_of: string}>,
 *   why: WhyData,
 * }
 */
final readonly class JobPlanResource extends Resource
{
    private const DAY = 'Y-m-d';

    /** @var list<PlannedSheet> */
    private array $own;

    private ?DateTimeImmutable $end;

    private Job $job;

    private StudioPlan $plan;

    public function __construct(private PlannedJob $planned)
    {
        $this->job = $planned->job;
        $this->plan = $planned->plan;
        $this->own = $this->plan->ofJob($this->job);
        $this->end = $this->plan->end($this->job);
    }

    /** @return JobPlan */
    public function toArray(): array
    {
        $job = $this->job->loadMissing(['promisedBy', 'asideBy']);

        return [
            'job' => ['id' => $job->id, 'name' => $job->name, 'version' => $job->version, 'due' => $job->due?->format(self::DAY)],
            'promised' => $job->promised_on === null ? null : [
                'on' => $job->promised_on->format(self::DAY), 'by' => $job->promisedBy->name ?? '', 'at' => $job->promised_at?->toIso8601ZuluString() ?? '', 'days_over' => self::daysOver($job->promised_on, $this->end),
            ],
            'aside' => $job->aside_because === null ? null : ['because' => $job->aside_because, 'by' => $job->asideBy->name ?? '', 'at' => $job->aside_at?->toIso8601ZuluString() ?? ''],
            'now' => $this->plan->now->format(DATE_ATOM),
            'painted_on' => $this->end?->format(self::DAY),
            'days_over' => $job->due === null ? null : self::daysOver($job->due, $this->end),
            'minutes' => PlannedSheet::minutesOf($this->own),
            'open' => $this->open(),
            'rows' => array_map($this->row(...), $this->own),
            'others' => $this->others(),
            'sittings' => $this->sittings(),
            'ways' => array_map(static fn (WayOut $way): array => ['kind' => $way->kind->value, 'say' => $way->sentence, 'on' => $way->end->format(self::DAY), 'in_time' => WaysOut::isInTime($job, $way->end)], $this->planned->ways),
            'if_aside' => $this->ifAside(),
            'why' => $this->why()->toArray(),
        ];
    }

    /** How many days later than a day it is painted; null where it is not later, or has no date. */
    public static function daysOver(DateTimeImmutable $day, ?DateTimeImmutable $end): ?int
    {
        $left = $end === null ? 0 : (new Deadline($day, $end))->daysLeft();

        return $left < 0 ? -$left : null;
    }

    /** @return list<string> what keeps it from having a date, and what is in no plan */
    private function open(): array
    {
        $open = [];
        foreach ($this->own as $sheet) {
            $unit = $sheet->sheet->first()->unit->name;
            if ($sheet->painterId === null) {
                $open["nobody {$unit}"] = "{$unit}: {$sheet->work->figures} ".($sheet->work->figures === 1 ? 'figure has' : 'figures have').' no painter.';
            } elseif (($this->plan->hours[$sheet->painterId] ?? null)?->none() !== false) {
                $open["hours {$sheet->painterId}"] = "{$this->nameOf($sheet->painterId)} has no hours at the bench written down.";
            } elseif ($this->plan->endOf($sheet) === null) {
                $open["long {$sheet->painterId}"] = "{$this->nameOf($sheet->painterId)} is not through within ".BenchHours::AHEAD.' days.';
            }
        }
        $back = Figure::query()->whereIn('unit_id', $this->job->units()->select('id'))->whereIn('state', FigureState::SENT_BACK)->count();
        if ($back > 0) {
            $open['back'] = $back.($back === 1 ? ' figure was' : ' figures were').' sent back: what mending takes is in no plan.';
        }

        return array_values($open);
    }

    /** @return PlanRow */
    private function row(PlannedSheet $sheet): array
    {
        $figure = $sheet->sheet->first();
        $stretches = PlannedStretches::of($sheet, $this->plan);

        return [
            'unit' => $figure->unit->name,
            'tier' => implode(', ', $sheet->sheet->tiers()),
            'painter_id' => $sheet->painterId,
            'painter' => $sheet->painterId === null ? null : $this->nameOf($sheet->painterId),
            'figures' => $sheet->work->figures,
            'minutes' => $sheet->work->minutes,
            'begins' => $stretches[0]['from'] ?? null,
            'ends' => $this->plan->endOf($sheet)?->format(DATE_ATOM),
            'stretches' => $stretches,
        ];
    }

    /** @return list<OtherWork> of the same painters, in the time that this job takes */
    private function others(): array
    {
        $painters = array_map(static fn (PlannedSheet $sheet): ?int => $sheet->painterId, $this->own);
        $others = [];
        foreach ($this->plan->sheets as $sheet) {
            if ($sheet->job->id !== $this->job->id && $sheet->painterId !== null && in_array($sheet->painterId, $painters, true)) {
                $others[] = [
                    'painter_id' => $sheet->painterId, 'painter' => $this->nameOf($sheet->painterId), 'job_id' => $sheet->job->id, 'job' => $sheet->job->name,
                    'unit' => $sheet->sheet->first()->unit->name, 'stretches' => PlannedStretches::of($sheet, $this->plan),
                ];
            }
        }

        return $others;
    }

    /** @return list<array{painter_id: int, painter: string, from: string, until: string}> of those who paint it, until it is painted */
    private function sittings(): array
    {
        $sittings = [];
        foreach (array_unique(array_filter(array_map(static fn (PlannedSheet $sheet): ?int => $sheet->painterId, $this->own))) as $painter) {
            $last = max([$this->plan->now, ...array_filter(array_map(fn (PlannedSheet $sheet): ?DateTimeImmutable => $sheet->painterId === $painter ? $this->plan->endOf($sheet) : null, $this->own))]);
            $until = array_filter($this->plan->plans[$painter]->sittings, static fn (Sitting $sitting): bool => $sitting->from <= $last);
            foreach ($until as $sitting) {
                $sittings[] = ['painter_id' => $painter, 'painter' => $this->nameOf($painter), 'from' => $sitting->from->format(DATE_ATOM), 'until' => $sitting->until->format(DATE_ATOM)];
            }
        }

        return $sittings;
    }

    /** @return list<array{job: string, on: string, instead_of: string}> other jobs that are painted on an earlier day then */
    private function ifAside(): array
    {
        $others = array_filter($this->own === [] ? [] : $this->plan->jobs, fn (Job $job): bool => $job->id !== $this->job->id);
        $without = $others === [] ? $this->plan : $this->plan->without($this->job);
        $earlier = [];
        foreach ($others as $other) {
            [$now, $then] = [$this->plan->end($other), $without->end($other)];
            if ($now !== null && $then !== null && $then->format(self::DAY) < $now->format(self::DAY)) {
                $earlier[] = ['job' => $other->name, 'on' => $then->format(self::DAY), 'instead_of' => $now->format(self::DAY)];
            }
        }

        return $earlier;
    }

    private function nameOf(int $painter): string
    {
        return $this->planned->names[$painter] ?? 'somebody whose account was ended';
    }

    private function why(): Why
    {
        return new Why(
            ['work by hand' => NumberText::minutes(PlannedSheet::minutesOf($this->own)), 'minutes to take another paint' => NumberText::few($this->plan->change)],
            'Each painter does what is due first. A coat goes over all figures that are ready for it, and a sheet is stayed with while some of it can be laid; while it dries, the next that has something to lay is taken up. It is waited for where there is none, or not longer than taking another paint and this one again. What dries over night is dry. A sitting begins with taking a paint. What is laid wet into wet is not broken off. It is reckoned anew from what is marked each time it is opened. Checks, mending and the drying of last coats are not in it.',
            Why::COMMON_PRACTICE,
        );
    }
}
