<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Actions\LikeWords;
use App\Models\Figure;
use App\Models\SignOff;
use App\Models\Unit;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Database\Eloquent\Builder;

/** Records, the latest first, by page; found by number, seal, figure, unit, job, client, day or month, who painted or who signed. */
final readonly class FindRecords
{
    private const AT_ONCE = 50;

    /** The record itself is long, and no line of a list shows it. */
    private const COLUMNS = ['id', 'studio_id', 'figure_id', 'check_id', 'signed_by', 'number', 'hash', 'signed_at', 'tier_name', 'verdict'];

    /** Digits of a seal that tell it from the number of a record. */
    private const OF_SEAL = 4;

    /** @return LengthAwarePaginator<int, SignOff> */
    public static function page(string $find): LengthAwarePaginator
    {
        // Joined to, not looked for: the ids are found once, and not for each record again.
        return SignOff::query()->with(['figure.unit.job', 'signer', 'check'])->select(array_map(static fn (string $column): string => "sign_offs.{$column}", self::COLUMNS))
            ->when($find !== '', static fn (Builder $records): Builder => $records->joinSub(self::found($find), 'found', 'found.id', '=', 'sign_offs.id'))
            ->orderByDesc('sign_offs.number')->paginate(self::AT_ONCE);
    }

    /** @return Builder<SignOff> ids; each way to find one is asked for itself, on its own index, for together they would be asked of every record */
    private static function found(string $find): Builder
    {
        $like = LikeWords::within($find);
        $of = static fn (): Builder => SignOff::query()->select('id');
        $ways = [
            $of()->whereIn('signed_by', User::query()->whereRaw('LOWER(name) LIKE ?', [$like])->select('id')),
            $of()->whereRaw('LOWER(painted_by) LIKE ?', [$like]),
            $of()->whereIn('figure_id', Figure::query()->whereIn('unit_id', self::units($like))->select('id')),
            $of()->whereIn('figure_id', Figure::query()->where('name', '>', '')->whereRaw('LOWER(name) LIKE ?', [$like])->select('id')),
            ...strlen($find) < self::OF_SEAL ? [] : [$of()->where('hash', 'like', LikeWords::begins($find))],
            ...preg_match('/^(\d{4})-(\d\d)(-\d\d)?$/', $find) === 1 ? [self::signedIn($of(), $find)] : [],
            ...preg_match('/^(.+) (\d{1,5})$/', $find, $named) === 1 ? [$of()->whereIn('figure_id', self::numbered($named[1], (int) $named[2]))] : [],
        ];
        $found = $of()->where('number', ctype_digit($find) ? $find : 0);

        foreach ($ways as $way) {
            $found->union($way);
        }

        return $found;
    }

    /** @return list<int> ids of units that have to do with it, by their own name, their job or its client */
    private static function units(string $like): array
    {
        /** @var list<int> */
        return Unit::query()->join('jobs', 'jobs.id', '=', 'units.job_id')->whereRaw('LOWER(units.name) LIKE ? OR LOWER(jobs.name) LIKE ? OR LOWER(jobs.client) LIKE ?', [$like, $like, $like])->pluck('units.id')->all();
    }

    /**
     * "lamp 4": a figure by its number in units of that name.
     *
     * @return Builder<Figure> ids
     */
    private static function numbered(string $unit, int $number): Builder
    {
        $like = LikeWords::within($unit);

        return Figure::query()->where('number', $number)->whereIn('unit_id', Unit::query()->whereRaw('LOWER(name) LIKE ?', [$like])->pluck('id')->all())->select('id');
    }

    /**
     * @param  Builder<SignOff>  $records
     * @param  string  $day or month
     * @return Builder<SignOff>
     */
    private static function signedIn(Builder $records, string $day): Builder
    {
        $isDay = strlen($day) === strlen('2026-12-02');
        $from = CarbonImmutable::createFromFormat('!Y-m-d', $isDay ? $day : "{$day}-01");

        return $from === null ? $records->whereRaw('FALSE') : $records->where('signed_at', '>=', $from)->where('signed_at', '<', $isDay ? $from->addDay() : $from->addMonth());
    }
}
