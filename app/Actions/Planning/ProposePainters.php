<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Actions\Bench\SheetStep;
use App\Actions\Checks\MayCheck;
use App\Actions\Composing\ComposedFigure;
use App\Actions\People\Clear;
use App\Models\Figure;
use App\Models\Job;
use App\Models\User;
use Core\Assignment\Assigning;
use Core\Assignment\PainterRoom;
use Core\Assignment\Task;
use Core\Plan\BenchHours;
use Core\Plan\FigureState;
use Core\Standard\Clearances;
use Core\Standard\Tier;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Builder;

/** Proposes who paints the units of a job: who may do it alone, in time, and evenly. */
final readonly class ProposePainters
{
    /** Days that are looked ahead where nothing is due. */
    private const AHEAD = 28;

    public function __construct(private StudioPlans $plans)
    {
    }

    /** @param  bool  $anew whether units that are given and not begun are proposed again */
    public function handle(Job $job, bool $anew): PaintersOfJob
    {
        $plan = $this->plans->now();
        $people = array_values(User::query()->whereKey(array_keys(array_filter($plan->hours, static fn (BenchHours $hours): bool => ! $hours->none())))->with('studio')->orderBy('name')->get()->all());
        $paces = Paces::of(array_map(static fn (User $person): int => $person->id, $people));
        [$rows, $kept] = self::rows($job, $plan, $anew);
        $checkers = array_values(User::query()->where('studio_id', $job->studio_id)->whereNull('ended_at')->get()->filter(static fn (User $person): bool => $person->role->checks())->all());
        $clearances = Clear::ofAll($people);
        $withCells = array_map(static fn (PaintingRow $row): PaintingRow => $row->with(self::cells($row, $people, $paces, $clearances, $checkers)), $rows);
        $dues = self::dues($plan);
        $persons = array_map(static fn (User $person): PaintingPerson => self::person($person, $plan, $job, $dues, array_filter($kept, static fn (PlannedSheet $sheet): bool => $sheet->painterId === $person->id), $paces, $clearances[$person->id]), $people);
        $due = $job->due === null ? null : (int) array_search($job->due->format('Y-m-d'), $dues, true);
        $tasks = array_map(static fn (PaintingRow $row): Task => new Task($row->id(), $due, array_map(static fn (PaintingCell $cell): float => $cell->minutes, array_filter($row->cells, static fn (PaintingCell $cell): bool => $cell->bar === ''))), $withCells);

        return new PaintersOfJob($job, $persons, $withCells, (new Assigning($tasks, array_map(static fn (PaintingPerson $one): PainterRoom => $one->room, $persons)))->find());
    }

    /** @return array{list<PaintingRow>, list<PlannedSheet>} what is proposed, and what is somebody's and stays so */
    private static function rows(Job $job, StudioPlan $plan, bool $anew): array
    {
        $byUnit = $kept = [];
        $begun = $anew ? self::begun($job) : [];
        foreach ($plan->sheets as $sheet) {
            $unit = $sheet->sheet->first()->unit;
            if ($sheet->job->id === $job->id && ($sheet->painterId === null || ($anew && $sheet->painterId === $unit->painter_id && ! in_array($unit->id, $begun, true)))) {
                $byUnit[$unit->id][] = $sheet;
            } else {
                $kept[] = $sheet;
            }
        }

        return [array_map(self::row(...), array_values($byUnit)), $kept];
    }

    /** @return list<int> ids of units on some figure of which somebody has begun: one hand paints them */
    private static function begun(Job $job): array
    {
        /** @var list<int> */
        return Figure::query()->whereHas('unit', static fn (Builder $units): Builder => $units->where('job_id', $job->id))->where('state', '<>', FigureState::ToPaint)->where('elsewhere', false)->distinct()->pluck('unit_id')->all();
    }

    /** @param  non-empty-list<PlannedSheet>  $sheets of one unit */
    private static function row(array $sheets): PaintingRow
    {
        $minutes = $needs = $tiers = $figures = [];
        foreach ($sheets as $sheet) {
            foreach (self::open($sheet) as [$step, $figure, $some]) {
                $technique = $sheet->sheet->standard->technique($step->technique);
                $area = $figure->figure->area($step->area);
                $tier = $sheet->sheet->standard->tier($area === null ? $figure->figure->tier : $figure->figure->tierOf($area));
                $minutes[$technique->id] = ($minutes[$technique->id] ?? 0.0) + $some;
                if (! isset($needs[$technique->id]) || $needs[$technique->id][1]->rank < $tier->rank) {
                    $needs[$technique->id] = [$technique, $tier];
                }
                $tiers[$tier->rank] = $tier;
                $figures[$figure->id] = true;
            }
        }
        ksort($tiers);

        return new PaintingRow($sheets[0]->sheet->first()->unit, array_values($tiers), count($figures), $minutes, $needs);
    }

    /** @return iterable<array{SheetStep, ComposedFigure, float}> each step that is open on a figure of this painter, with its minutes; tidying back apart */
    private static function open(PlannedSheet $sheet): iterable
    {
        foreach ($sheet->sheet->steps as $step) {
            foreach ($step->isTidying() ? [] : $sheet->sheet->openOn($step) as $figure) {
                if ($figure->painterId() === $sheet->painterId) {
                    yield [$step, $figure, $sheet->sheet->minutesOn($step, $figure->id)];
                }
            }
        }
    }

    /**
     * @param  list<User>  $people
     * @param  array<int, Clearances>  $clearances by person
     * @param  list<User>  $checkers
     * @return array<int, PaintingCell> by person
     */
    private static function cells(PaintingRow $row, array $people, Paces $paces, array $clearances, array $checkers): array
    {
        $cells = [];
        foreach ($people as $person) {
            $minutes = 0.0;
            foreach ($row->minutes as $technique => $some) {
                $minutes += $some * $paces->factor($person->id, (string) $technique);
            }
            $said = array_map(static fn (array $need): ?bool => $clearances[$person->id]->cover($need[0]->id, $need[1]->rank), $row->needs);
            $not = array_values(array_map(static fn (array $need): string => "{$need[0]->name} at {$need[1]->name}", array_intersect_key($row->needs, array_filter($said, static fn (?bool $one): bool => $one === false))));
            $cells[$person->id] = new PaintingCell($minutes, in_array(null, $said, true) ? null : $not === [], $not, match (true) {
                $not !== [] => 'Not cleared for all of it.',
                ! self::isChecked($row, $person, $checkers) => 'Nobody else may sign it.',
                default => '',
            });
        }

        return $cells;
    }

    /**
     * Nobody checks own work, unless the studio allows it.
     *
     * @param  list<User>  $checkers
     */
    private static function isChecked(PaintingRow $row, User $person, array $checkers): bool
    {
        return $person->studio->allows_self_check || self::maySignAll($row, array_filter($checkers, static fn (User $one): bool => $one->id !== $person->id));
    }

    /** @param  array<array-key, User>  $others */
    private static function maySignAll(PaintingRow $row, array $others): bool
    {
        $unsigned = array_filter($row->tiers, static fn (Tier $tier): bool => array_filter($others, static fn (User $one): bool => MayCheck::maySign($one, $tier)) === []);

        return $unsigned === [];
    }

    /** @return list<string> days on which jobs are due, the earliest first */
    private static function dues(StudioPlan $plan): array
    {
        $dues = array_values(array_unique(array_filter(array_map(static fn (Job $job): ?string => $job->due?->format('Y-m-d'), $plan->jobs))));
        sort($dues);

        return $dues;
    }

    /**
     * @param  list<string>  $dues
     * @param  array<array-key, PlannedSheet>  $given
     */
    private static function person(User $person, StudioPlan $plan, Job $job, array $dues, array $given, Paces $paces, Clearances $clearances): PaintingPerson
    {
        $load = array_map(static fn (PlannedSheet $sheet): array => [$sheet->job->due?->format('Y-m-d'), self::minutes($sheet, $person, $paces)], array_values($given));
        $until = static fn (?string $day): float => array_sum(array_map(static fn (array $one): float => $day === null || ($one[0] !== null && $one[0] <= $day) ? $one[1] : 0.0, $load));
        $last = max($plan->now->modify('+'.self::AHEAD.' days')->format('Y-m-d'), ...$dues);
        $hours = $plan->hours[$person->id];
        $bench = self::bench($hours, $plan->now, [...$dues, $last]);
        $free = array_map(static fn (string $day): float => $bench[$day] - $until($day), $dues);
        $day = $job->due?->format('Y-m-d');

        return new PaintingPerson($person, $clearances->areNone(), $bench[$day ?? $last], $until($day), new PainterRoom($person->id, $free, $bench[$last], $until(null)));
    }

    /** At their pace. */
    private static function minutes(PlannedSheet $sheet, User $person, Paces $paces): float
    {
        $minutes = 0.0;
        foreach (self::open($sheet) as [$step, , $some]) {
            $minutes += $some * $paces->factor($person->id, $step->technique);
        }

        return $minutes;
    }

    /**
     * @param  non-empty-list<string>  $days
     * @return array<string, float> minutes at the bench until the end of each
     */
    private static function bench(BenchHours $hours, DateTimeImmutable $now, array $days): array
    {
        $until = array_fill_keys($days, 0.0);
        $last = max($days);
        foreach ($hours->sittings($now) as $sitting) {
            $on = $sitting->from->format('Y-m-d');
            if ($on > $last) {
                break;
            }
            foreach ($days as $day) {
                $until[$day] += $on <= $day ? $sitting->minutes : 0.0;
            }
        }

        return $until;
    }
}
