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
 *
 * @phpstan-import-type WaitingUnit from \App\Http\Today\TodayResource
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
        return $this->atTheBench()->count() + $this->refused()->count();
    }

    /** Changes of the standard that wait for the lead's answer. */
    public function proposals(): int
    {
        return $this->user->isLead() ? Proposal::query()->where('state', ProposalState::Open)->count() : 0;
    }

    /** Null: the chain of records was never verified yet. */
    public function lastVerification(): ?ChainVerification
    {
        return ChainVerification::query()->orderByDesc('id')->first();
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

    /** @return list<WaitingUnit> units with figures that are to be painted by this person */
    public function unitsAtTheBench(): array
    {
        $rows = [];
        $units = Unit::query()->with('job')->whereHas('figures', fn (Builder $figures) => $this->own($figures->whereIn('state', FigureState::AT_THE_BENCH)))
            ->withCount(['figures as waiting' => fn (Builder $figures) => $this->own($figures->whereIn('state', FigureState::AT_THE_BENCH))])->orderBy('job_id')->orderBy('position')->get();
        foreach ($units as $unit) {
            $count = $unit->getAttribute('waiting');
            $rows[] = [
                'job_id' => $unit->job_id, 'job' => $unit->job->name, 'unit_id' => $unit->id, 'unit' => $unit->name,
                'figures' => is_numeric($count) ? (int) $count : 0, 'due' => $unit->job->due?->format('Y-m-d'),
            ];
        }

        return $rows;
    }

    /** @return list<Job> with counts of figures; those due first come first */
    public function openJobs(): array
    {
        return self::jobs(Job::query()->where('state', JobState::Open));
    }

    /**
     * @param  Builder<Job>  $jobs
     * @return list<Job>
     */
    public static function jobs(Builder $jobs): array
    {
        return array_values($jobs->with('studio')
            ->withCount(self::states())
            ->orderByRaw('due IS NULL, due, id')->get()->all());
    }

    /** @return array<string, callable(Builder<Figure>): Builder<Figure>> how many figures are in which state, by what each count is called */
    private static function states(): array
    {
        $counts = [];
        foreach (FigureState::cases() as $state) {
            $counts['figures as '.self::countOf($state)] = static fn (Builder $figures): Builder => $figures->where('figures.state', $state);
        }

        return $counts;
    }

    /** What the count of a state is called on a job that was read here. */
    public static function countOf(FigureState $state): string
    {
        return str_replace('-', '_', $state->value).'_count';
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
        return $this->own(Figure::query()->whereIn('state', FigureState::SENT_BACK));
    }

    /** @return Builder<Figure> */
    private function atTheBench(): Builder
    {
        return Figure::query()->whereIn('state', FigureState::AT_THE_BENCH)->where(fn (Builder $figures) => $this->given($figures, $this->user));
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
        ])->orderBy('updated_at')->orderBy('id')->paginate($atOnce);
    }
}
