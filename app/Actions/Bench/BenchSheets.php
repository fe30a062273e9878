<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Models\Figure;
use App\Models\Job;
use App\Models\JobState;
use App\Models\Mishap;
use App\Models\Role;
use App\Models\Unit;
use App\Models\User;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** The bench sheets of a job: one for each unit and equal composition. */
final readonly class BenchSheets
{
    public function __construct(
        private JobFigures $figures,
        private JobStandards $standards,
        private WorkOrders $orders,
        private Mixes $mixes,
    ) {
    }

    /** @return list<BenchSheet> */
    public function ofJob(Job $job): array
    {
        return $this->sheets($job, $this->figures->ofJob($job));
    }

    /**
     * Of open jobs, job by job, so that no more than one of them is held at once.
     *
     * @return iterable<BenchSheet> for a painter those with own figures
     */
    public function forPerson(User $user): iterable
    {
        foreach (Job::query()->where('state', JobState::Open)->orderByRaw('due IS NULL, due, id')->get() as $job) {
            foreach ($this->ofJob($job) as $sheet) {
                if ($user->role !== Role::Painter || $sheet->isFor($user->id)) {
                    yield $sheet;
                }
            }
        }
    }

    /** @throws ModelNotFoundException<Job> if the job has no such sheet (any more) */
    public function find(Job $job, string $key): BenchSheet
    {
        $figures = array_values(array_filter($this->figures->ofJob($job), static fn (ComposedFigure $figure): bool => $figure->sheetKey() === $key));
        foreach ($this->sheets($job, $figures) as $sheet) {
            return $sheet;
        }

        throw (new ModelNotFoundException)->setModel(Job::class, [$job->id]);
    }

    /** The sheet that a figure is on. */
    public function ofFigure(Figure $figure): BenchSheet
    {
        return self::with($figure, $this->ofUnit($figure->unit()->with('job')->firstOrFail()));
    }

    /** @return list<BenchSheet> */
    public function ofUnit(Unit $unit): array
    {
        return $this->sheets($unit->job, $this->figures->ofUnit($unit));
    }

    /**
     * Those of one tier of a unit, as they would be with another in its place.
     *
     * @return list<BenchSheet>
     */
    public function ofUnitAt(Unit $unit, string $instead, string $of): array
    {
        return $this->sheets($unit->job, $this->figures->ofUnitAt($unit, $instead, $of));
    }

    /** @param  list<BenchSheet>  $sheets of the figure's unit */
    public static function with(Figure $figure, array $sheets): BenchSheet
    {
        foreach ($sheets as $sheet) {
            if ($sheet->has($figure->id)) {
                return $sheet;
            }
        }

        throw new \LogicException("Figure {$figure->id} is on no bench sheet.");
    }

    /**
     * @param  list<ComposedFigure>  $figures
     * @return list<BenchSheet>
     */
    private function sheets(Job $job, array $figures): array
    {
        $standard = $this->standards->of($job);
        $ids = array_map(static fn (ComposedFigure $figure): int => $figure->row->id, $figures);
        $marks = Marks::standing($ids);
        $mishaps = Mishap::query()->whereIn('figure_id', $ids)->whereNull('ended')->with('user')->orderBy('id')->get();
        /** @var array<string, non-empty-list<ComposedFigure>> $byKey */
        $byKey = [];
        foreach ($figures as $figure) {
            $byKey[$figure->sheetKey()][] = $figure;
        }
        $mixes = $this->mixes->ofAll($job, array_map(static fn (array $alike): ComposedFigure => $alike[0], array_values($byKey)));
        $sheets = [];
        $orders = [];
        foreach ($byKey as $key => $alike) {
            $mixed = $mixes[count($sheets)];
            $like = "{$alike[0]->unit->figure_type_id} {$alike[0]->schemeId()} {$alike[0]->composition->signature()}";
            $orders[$like] ??= SheetStep::all($this->orders->of($alike[0], $standard, $mixed));
            $own = array_map(static fn (ComposedFigure $figure): int => $figure->row->id, $alike);
            $sheets[] = new BenchSheet($key, $standard, $alike, $orders[$like], $marks, $mixed, array_values($mishaps->whereIn('figure_id', $own)->all()));
        }

        return $sheets;
    }
}
