<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\Composing\ComposedFigure;
use App\Actions\Composing\JobFigures;
use App\Actions\Composing\JobStandards;
use App\Actions\Composing\StandingMarks;
use App\Actions\Composing\StoredFigures;
use App\Models\Figure;
use App\Models\Job;
use App\Models\Mishap;
use App\Models\Role;
use App\Models\Unit;
use App\Models\User;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** The bench sheets of a job: one for the figures of a unit and a scheme that are painted alike, or differ in a few uses. */
final readonly class BenchSheets
{
    /** Units whose figures are held at once. */
    private const AT_ONCE = 500;

    public function __construct(
        private JobFigures $figures,
        private JobStandards $standards,
        private SharedSheets $shared,
        private Mixes $mixes,
        private SheetOutlines $outlines,
    ) {
    }

    /** @return list<BenchSheet> */
    public function ofJob(Job $job): array
    {
        return $this->sheets($this->figures->ofJob($job));
    }

    /**
     * Of units of any jobs, some at a time, so that no more than these are held at once.
     *
     * @param  list<int>  $units ids
     * @return iterable<BenchSheet> in the order of the units
     */
    public function ofUnits(array $units): iterable
    {
        foreach (array_chunk($units, self::AT_ONCE) as $some) {
            yield from $this->sheets($this->figures->ofUnits($some));
        }
    }

    /**
     * @param  list<int>  $units ids, as many as a page shows
     * @return iterable<ListedSheet> of these those that are somebody's at the bench: for a painter those with own figures
     */
    public function forPerson(User $user, array $units): iterable
    {
        $figures = $this->figures->ofUnits($units);
        $marks = StandingMarks::on(array_map(static fn (ComposedFigure $figure): int => $figure->id, $figures));
        foreach ($this->alike($figures) as $ofUnit) {
            $standard = $this->standards->of($ofUnit[0]->first()->unit->job);
            foreach ($this->outlines->of($ofUnit, $standard) as $kept) {
                $sheet = new ListedSheet($kept, array_map(static fn (int $place): AlikeFigures => $ofUnit[$place], $kept->shared), $standard, $marks);
                if (($user->role !== Role::Painter || $sheet->isFor($user->id)) && $sheet->isOfTheBench()) {
                    yield $sheet;
                }
            }
        }
    }

    /**
     * @param  string  $key of the sheet, or of figures on it that are alike
     *
     * @throws ModelNotFoundException<Job> if the job has no such sheet (any more)
     */
    public function find(Job $job, string $key): BenchSheet
    {
        $unit = Unit::query()->where('job_id', $job->id)->find((int) strtok($key, '-'))?->setRelation('job', $job);
        foreach ($unit === null ? [] : $this->ofUnit($unit) as $sheet) {
            if ($sheet->key === $key || in_array($key, array_map(static fn (AlikeFigures $one): string => $one->first()->likeKey(), $sheet->alike), true)) {
                return $sheet;
            }
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
        return $this->sheets($this->figures->ofUnit($unit));
    }

    /**
     * Those of a unit as they would be with another tier in the place of one.
     *
     * @return list<BenchSheet>
     */
    public function ofUnitAt(Unit $unit, string $instead, string $of): array
    {
        return $this->sheets($this->figures->ofUnitAt($unit, $instead, $of));
    }

    /** A sheet after something was said of its figures, and nothing of what is painted on them. */
    public function readAgain(BenchSheet $sheet): BenchSheet
    {
        $ids = array_map(static fn (ComposedFigure $figure): int => $figure->id, $sheet->figures);
        $unit = $sheet->first()->unit->id;

        return $sheet->readAgain(array_column(StoredFigures::of([$unit])[$unit], null, 'id'), StandingMarks::on($ids), self::mishaps($ids));
    }

    /**
     * @param  list<int>  $figures ids
     * @return list<Mishap> that wait to be mended on them
     */
    private static function mishaps(array $figures): array
    {
        return $figures === [] ? [] : array_values(Mishap::query()->whereIn('figure_id', $figures)->whereNull('ended')->with('user')->orderBy('id')->get()->all());
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
    private function sheets(array $figures): array
    {
        $ids = array_map(static fn (ComposedFigure $figure): int => $figure->id, $figures);
        $marks = StandingMarks::on($ids);
        $mishaps = self::mishaps($ids);
        $sheets = [];
        foreach ($this->alike($figures) as $ofUnit) {
            $standard = $this->standards->of($ofUnit[0]->first()->unit->job);
            foreach ($this->shared->of($ofUnit, $standard) as [$sharing, $lines]) {
                $own = array_map(static fn (ComposedFigure $figure): int => $figure->id, array_merge(...array_column($sharing, 'figures')));
                $sheets[] = new BenchSheet(AlikeFigures::key($sharing), $standard, $sharing, $this->shared->steps($lines), $marks, array_values(array_filter($mishaps, static fn (Mishap $mishap): bool => in_array($mishap->figure_id, $own, true))), $lines->gaveWay);
            }
        }

        return $sheets;
    }

    /**
     * @param  list<ComposedFigure>  $figures
     * @return list<non-empty-list<AlikeFigures>> those of one unit, one type and one scheme, whose areas are painted by the same schools, together
     */
    private function alike(array $figures): array
    {
        /** @var array<string, non-empty-list<ComposedFigure>> $byKey */
        $byKey = [];
        foreach ($figures as $figure) {
            $byKey[$figure->likeKey()][] = $figure;
        }
        $mixes = $this->mixes->ofAll(array_map(static fn (array $alike): ComposedFigure => $alike[0], array_values($byKey)));
        $together = [];
        foreach (array_values($byKey) as $at => $alike) {
            // What has paint already, because it comes back or came finished, shares a sheet with its like alone.
            $painted = $alike[0]->raises !== null || $alike[0]->row->elsewhere ? $alike[0]->likeKey() : '';
            $together["{$alike[0]->unit->id} {$alike[0]->typeId()} {$alike[0]->schemeId()} {$alike[0]->agreed->schools} {$painted}"][] = new AlikeFigures($alike, $mixes[$at]);
        }

        return array_values($together);
    }
}
