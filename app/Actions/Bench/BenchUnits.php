<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Actions\LikeWords;
use App\Models\Job;
use App\Models\JobState;
use App\Models\Role;
use App\Models\Unit;
use App\Models\User;
use Core\Plan\FigureState;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Database\Eloquent\Builder;

/** Units of open jobs that somebody has figures of at the bench, what is due first. */
final readonly class BenchUnits
{
    private const AT_ONCE = 20;

    /**
     * @param  string  $find what the name of the unit, its job, its figure type or one of its painters has in it; empty: anything
     * @param  int|null  $only a unit; null: any
     * @return LengthAwarePaginator<int, Unit>
     */
    public static function page(User $user, string $find, ?int $only): LengthAwarePaginator
    {
        $like = LikeWords::within($find);

        return self::of($user)
            ->when($only !== null, static fn (Builder $units): Builder => $units->whereKey($only))
            ->when($find !== '', static fn (Builder $units): Builder => $units->where(static fn (Builder $some): Builder => $some
                ->whereRaw('LOWER(units.name) LIKE ? OR LOWER(jobs.name) LIKE ?', [$like, $like])
                ->orWhereHas('figureType', static fn (Builder $type): Builder => $type->whereRaw('LOWER(name) LIKE ?', [$like]))
                ->orWhereHas('painter', static fn (Builder $painter): Builder => $painter->whereRaw('LOWER(name) LIKE ?', [$like]))
                ->orWhereHas('figures.painter', static fn (Builder $painter): Builder => $painter->whereRaw('LOWER(name) LIKE ?', [$like]))))
            ->paginate(self::AT_ONCE, ['units.id']);
    }

    /** @return list<int> ids of those with figures that are to be painted */
    public static function toPaint(): array
    {
        return self::ids(self::withSome());
    }

    /**
     * @param  list<Job>  $jobs open ones
     * @return list<int> likewise, of these jobs alone
     */
    public static function toPaintOf(array $jobs): array
    {
        return self::ids(self::withSome()->whereIn('units.job_id', array_map(static fn (Job $job): int => $job->id, $jobs)));
    }

    /** @return list<int> likewise, with figures that are given to somebody */
    public static function toPaintBy(User $user): array
    {
        return self::ids(self::withSome($user));
    }

    /** @return Builder<Unit> with figures that are to be painted, by anybody or by one person */
    private static function withSome(?User $by = null): Builder
    {
        return self::sorted()->whereHas('figures', static function (Builder $figures) use ($by): void {
            $figures->whereIn('state', FigureState::AT_THE_BENCH);
            if ($by !== null) {
                self::given($figures, $by);
            }
        });
    }

    /**
     * @param  Builder<Unit>  $units
     * @return list<int>
     */
    private static function ids(Builder $units): array
    {
        /** @var list<int> */
        return $units->pluck('units.id')->all();
    }

    /** @return Builder<Unit> what came finished is at the bench only where it was sent back */
    private static function of(User $user): Builder
    {
        return self::sorted()->whereHas('figures', static function (Builder $figures) use ($user): void {
            $figures->where(static fn (Builder $some): Builder => $some->where('elsewhere', false)->orWhereIn('state', FigureState::SENT_BACK));
            if ($user->role === Role::Painter) {
                self::given($figures, $user);
            }
        });
    }

    /** @return Builder<Unit> */
    private static function sorted(): Builder
    {
        return Unit::query()->join('jobs', 'jobs.id', '=', 'units.job_id')->where('jobs.state', JobState::Open)
            ->orderByRaw('jobs.due IS NULL, jobs.due, jobs.id, units.position');
    }

    /**
     * @template T of \Illuminate\Database\Eloquent\Model
     *
     * @param  Builder<T>  $figures
     * @return Builder<T>
     */
    private static function given(Builder $figures, User $user): Builder
    {
        return $figures->whereRaw('COALESCE(figures.painter_id, units.painter_id) = ?', [$user->id]);
    }
}
