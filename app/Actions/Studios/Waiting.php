<?php

declare(strict_types=1);

namespace App\Actions\Studios;

use App\Models\BenchMark;
use App\Models\ChainVerification;
use App\Models\Figure;
use App\Models\Job;
use App\Models\JobState;
use App\Models\Proposal;
use App\Models\ProposalState;
use App\Models\Role;
use App\Models\RoundState;
use App\Models\Unit;
use App\Models\User;
use Core\Plan\FigureState;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/**
 * What waits for somebody: figures to check, figures sent back, units at the bench, jobs.
 */
final readonly class Waiting
{
    public function __construct(private User $user)
    {
    }

    public function isOfLead(): bool
    {
        return $this->user->isLead();
    }

    public function checks(): int
    {
        return $this->user->role->checks() ? $this->toCheck()->count() : 0;
    }

    public function bench(): int
    {
        return $this->atTheBench() + $this->refused()->count();
    }

    /** Changes of the standard that wait for the lead's answer. */
    public function proposals(): int
    {
        return $this->user->isLead() ? Proposal::query()->where('state', ProposalState::Open)->count() : 0;
    }

    /** Null: the chain of records was never verified yet. */
    public function lastVerification(): ?ChainVerification
    {
        return ChainVerification::last();
    }

    /**
     * What comes back mended first, then the longest waiting.
     *
     * @return LengthAwarePaginator<int, Figure>
     */
    public function figuresToCheck(int $atOnce): LengthAwarePaginator
    {
        $figures = $this->user->role->checks() ? $this->toCheck() : $this->toCheck()->whereRaw('FALSE');

        return $this->listed($figures->orderByRaw("EXISTS (SELECT 1 FROM checks WHERE checks.figure_id = figures.id AND checks.state = 'refused') DESC"), $atOnce);
    }

    /** @return LengthAwarePaginator<int, Figure> sent back, and not yet handed over again */
    public function refusedFigures(int $atOnce): LengthAwarePaginator
    {
        return $this->listed($this->refused(), $atOnce);
    }

    /**
     * What was mended on figures that were sent back.
     *
     * @param  list<int>  $figures ids
     * @return array<int, list<string>> by figure, the areas
     */
    public static function mended(array $figures): array
    {
        $mended = [];
        $rows = DB::table('mendings')->join('faults', 'faults.id', '=', 'mendings.fault_id')->join('checks', 'checks.id', '=', 'faults.check_id')
            ->whereIn('checks.figure_id', $figures)->orderBy('mendings.id')->get(['checks.figure_id', 'faults.area']);
        foreach ($rows as $row) {
            $area = is_string($row->area) && $row->area !== '' ? $row->area : 'the figure';
            $figure = is_numeric($row->figure_id) ? (int) $row->figure_id : 0;
            $mended[$figure] = array_values(array_unique([...$mended[$figure] ?? [], $area]));
        }

        return $mended;
    }

    /** @return LengthAwarePaginator<int, Unit> with figures that are to be painted by this person, and how many (`waiting`) */
    public function unitsAtTheBench(int $atOnce): LengthAwarePaginator
    {
        $waiting = fn (Builder $figures): Builder => $this->own($figures->whereIn('figures.state', FigureState::AT_THE_BENCH));

        $units = Unit::query()->with('job')->whereRelation('job', 'state', JobState::Open)->whereHas('figures', $waiting)->orderBy('job_id')->orderBy('position')->paginate($atOnce);
        // Counted for those that the page shows alone.
        $shown = array_map(static fn (Unit $unit): int => $unit->id, array_values($units->items()));
        /** @var array<int, int> $counts */
        $counts = $shown === [] ? [] : $waiting(Figure::query()->whereIn('figures.unit_id', $shown))->groupBy('figures.unit_id')->toBase()->selectRaw('figures.unit_id, COUNT(*) AS figures')->pluck('figures', 'unit_id')->all();
        foreach ($units->items() as $unit) {
            $unit->setAttribute('waiting', $counts[$unit->id] ?? 0);
        }

        return $units;
    }

    /** @return list<JobStanding> those due first come first */
    public function openJobs(): array
    {
        return JobStanding::of(Job::query()->where('state', JobState::Open));
    }

    /**
     * @param  list<int>  $among ids of figures
     * @return list<int> those that this person painted or mended on
     */
    public function ownWork(User $user, array $among): array
    {
        /** @var list<int> $given */
        $given = $this->toCheck()->whereKey($among)->where(fn (Builder $figures) => $this->given($figures, $user))->pluck('id')->all();
        /** @var list<int> $marked */
        $marked = BenchMark::query()->where('user_id', $user->id)->whereIn('figure_id', $among)->distinct()->pluck('figure_id')->all();
        /** @var list<int> $mended */
        $mended = Figure::query()->whereKey($among)->whereHas('checks.faults.mending', static fn (Builder $mendings) => $mendings->where('user_id', $user->id))->pluck('id')->all();

        return array_values(array_unique([...$given, ...$marked, ...$mended]));
    }

    /** @return Builder<Figure> */
    private function toCheck(): Builder
    {
        return Figure::query()->where('state', FigureState::ToCheck);
    }

    /** @return Builder<Figure> */
    private function refused(): Builder
    {
        return $this->own(self::underWay(Figure::query()->whereIn('figures.state', FigureState::SENT_BACK)));
    }

    /** Figures that are given to this person, by themselves or with their unit; counted apart, each on its own index. */
    private function atTheBench(): int
    {
        $figures = static fn (): Builder => self::underWay(Figure::query()->whereIn('figures.state', FigureState::AT_THE_BENCH));

        return $figures()->where('figures.painter_id', $this->user->id)->count()
            + $figures()->whereNull('figures.painter_id')->where('units.painter_id', $this->user->id)->count();
    }

    /**
     * A closed job has left the bench.
     *
     * @param  Builder<Figure>  $figures
     * @return Builder<Figure>
     */
    private static function underWay(Builder $figures): Builder
    {
        return $figures->join('units', 'units.id', '=', 'figures.unit_id')->join('jobs', 'jobs.id', '=', 'units.job_id')->where('jobs.state', JobState::Open)->select('figures.*');
    }

    /**
     * A painter sees what is given to them; lead and deputy see all.
     *
     * @param  Builder<Figure>  $figures
     * @return Builder<Figure>
     */
    private function own(Builder $figures): Builder
    {
        return $this->user->role === Role::Painter ? $figures->where(fn (Builder $some) => $this->given($some, $this->user)) : $figures;
    }

    /**
     * @param  Builder<Figure>  $figures
     * @return Builder<Figure>
     */
    private function given(Builder $figures, User $user): Builder
    {
        return $figures->where('figures.painter_id', $user->id)
            ->orWhere(static fn (Builder $some) => $some->whereNull('figures.painter_id')->whereHas('unit', static fn (Builder $unit) => $unit->where('painter_id', $user->id)));
    }

    /**
     * @param  Builder<Figure>  $figures
     * @return LengthAwarePaginator<int, Figure>
     */
    private function listed(Builder $figures, int $atOnce): LengthAwarePaginator
    {
        return $figures->with([
            'unit.job', 'unit.tier.piece', 'unit.painter', 'tier.piece', 'painter',
            'checks' => static fn ($checks) => $checks->where('state', RoundState::Open),
        ])->orderBy('figures.updated_at')->orderBy('figures.id')->paginate($atOnce);
    }
}
