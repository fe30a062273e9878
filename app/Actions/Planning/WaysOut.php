<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Actions\Bench\BenchSheet;
use App\Actions\Bench\BenchSheets;
use App\Models\Job;
use App\Models\User;
use Core\NumberText;
use DateTimeImmutable;

/** The cheapest ways in which a job that is late could be in time, each tried on the whole plan: another painter, longer days, a lower tier, another date. */
final readonly class WaysOut
{
    /** Minutes more a day, the least first; more than two hours is nobody's answer. */
    private const LONGER = [15, 30, 45, 60, 90, 120];

    /** Sheets that are tried with others, those that end last first. */
    private const SHEETS = 3;

    /** @param  array<int, string>  $names of people who have an account, by id */
    public function __construct(
        private StudioPlan $plan,
        private array $names,
        private BenchSheets $sheets,
    ) {
    }

    /** @return array<int, string> */
    public static function names(int $studioId): array
    {
        /** @var array<int, string> */
        return User::query()->where('studio_id', $studioId)->whereNull('ended_at')->pluck('name', 'id')->all();
    }

    /** @return list<WayOut> none where the job is in time, has no due date or has no end */
    public function of(Job $job): array
    {
        $end = $this->plan->end($job);
        if ($end === null || $job->due === null || self::isInTime($job, $end)) {
            return [];
        }

        [$hands, $given] = $this->hands($job, $end);
        $single = array_filter([$hands, $this->hours($job, $end), $this->tier($job, $end)]);
        $isInTime = array_filter($single, static fn (WayOut $way): bool => self::isInTime($job, $way->end)) !== [];
        $both = $isInTime || $hands === null ? null : (new self($given, $this->names, $this->sheets))->onTop($job, $hands);

        return array_values(array_filter([...$single, $both, new WayOut(WayKind::Date, 'Agree on the day that holds.', $end)]));
    }

    /** Longer days, after somebody else has taken a sheet; null where they make no earlier day. */
    private function onTop(Job $job, WayOut $hands): ?WayOut
    {
        $hours = $this->hours($job, $hands->end);

        return $hours === null || $hours->end->format('Y-m-d') >= $hands->end->format('Y-m-d') ? null : new WayOut(WayKind::HandsAndHours, "{$hands->sentence} And {$hours->sentence}", $hours->end);
    }

    public static function isInTime(Job $job, DateTimeImmutable $end): bool
    {
        return $job->due === null || $end->format('Y-m-d') <= $job->due->format('Y-m-d');
    }

    /**
     * The sheet that is best given to somebody else.
     *
     * @return array{WayOut|null, StudioPlan} null where nobody makes an earlier day; the plan in which it is given
     */
    private function hands(Job $job, DateTimeImmutable $end): array
    {
        $best = null;
        $plan = $this->plan;
        foreach ($this->latest($job) as $sheet) {
            foreach ($this->plan->hours as $painter => $hours) {
                if ($painter === $sheet->painterId || $hours->none() || ! isset($this->names[$painter])) {
                    continue;
                }
                $given = $this->plan->givenTo($sheet, $painter);
                $earlier = $given->end($job);
                if ($earlier !== null && $earlier < ($best->end ?? $end)) {
                    $plan = $given;
                    $best = new WayOut(WayKind::Hands, "Give {$sheet->sheet->first()->unit->name} to {$this->names[$painter]}: {$this->worked($sheet)} of work.", $earlier);
                }
            }
        }

        return $best !== null && $best->end->format('Y-m-d') < $end->format('Y-m-d') ? [$best, $plan] : [null, $this->plan];
    }

    /** Longer days of those whose part of it is late: the least that makes it in time, else the most that is tried. */
    private function hours(Job $job, DateTimeImmutable $end): ?WayOut
    {
        $late = array_filter($this->plan->ofJob($job), fn (PlannedSheet $sheet): bool => ($one = $this->plan->endOf($sheet)) !== null && ! self::isInTime($job, $one));
        $painters = array_values(array_unique(array_filter(array_map(static fn (PlannedSheet $sheet): ?int => $sheet->painterId, $late))));
        $way = null;
        foreach (self::LONGER as $minutes) {
            $earlier = $this->plan->longer($painters, $minutes)->end($job);
            if ($earlier !== null && $earlier < ($way->end ?? $end)) {
                $way = new WayOut(WayKind::Hours, NumberText::minutes($minutes).' more on each day at the bench, for '.$this->named($painters).'.', $earlier);
            }
            if ($way !== null && self::isInTime($job, $way->end)) {
                break;
            }
        }

        return $way;
    }

    /** The figures that are best painted at the next lower tier: the first that make it in time, else those that help most. */
    private function tier(Job $job, DateTimeImmutable $end): ?WayOut
    {
        $best = null;
        foreach ($this->latest($job) as $late) {
            $standard = $late->sheet->standard;
            $lower = $standard->nextLower($standard->tier($late->tier()));
            $unit = $late->sheet->first()->unit;
            if ($lower === null || $lower->byAgreement) {
                continue;
            }
            $gone = array_values(array_filter($this->plan->ofJob($job), static fn (PlannedSheet $sheet): bool => $sheet->sheet->first()->unit->id === $unit->id));
            $instead = array_merge(...array_map(static fn (BenchSheet $sheet): array => PlannedSheet::allOf($job, $sheet), $this->sheets->ofUnitAt($unit, $lower->id, $late->tier())));
            $earlier = $this->plan->with($gone, $instead)->end($job) ?? $this->plan->now;
            if ($earlier < ($best->end ?? $end)) {
                $less = PlannedSheet::minutesOf($gone) - PlannedSheet::minutesOf($instead);
                $best = new WayOut(WayKind::Tier, "Agree on {$lower->name} instead of {$standard->tier($late->tier())->name} for {$unit->name}: ".NumberText::minutes($less).' less.', $earlier);
            }
        }

        return $best !== null && $best->end->format('Y-m-d') < $end->format('Y-m-d') ? $best : null;
    }

    /** @return list<PlannedSheet> */
    private function latest(Job $job): array
    {
        $sheets = $this->plan->ofJob($job);
        usort($sheets, fn (PlannedSheet $one, PlannedSheet $other): int => $this->plan->endOf($other) <=> $this->plan->endOf($one));

        return array_slice($sheets, 0, self::SHEETS);
    }

    private function worked(PlannedSheet $sheet): string
    {
        return NumberText::minutes($sheet->work->minutes);
    }

    /** @param  list<int>  $people */
    private function named(array $people): string
    {
        $names = array_map(fn (int $id): string => $this->names[$id] ?? 'somebody', $people);
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names)." and {$last}";
    }
}
