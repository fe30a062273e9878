<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Models\SignOff;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Database\Eloquent\Builder;

/** Records, the latest first, by page; found by number, seal, unit, job, client, or who signed. */
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
        $like = '%'.addcslashes(mb_strtolower($find), '%_\\').'%';

        return SignOff::query()->with(['figure.unit.job', 'signer', 'check'])->select(self::COLUMNS)
            ->when($find !== '', static fn (Builder $records): Builder => $records->where(static fn (Builder $some): Builder => $some
                ->where('number', ctype_digit($find) ? $find : 0)
                ->when(strlen($find) >= self::OF_SEAL, static fn (Builder $seal): Builder => $seal->orWhere('hash', 'like', addcslashes(strtolower($find), '%_\\').'%'))
                ->orWhereHas('signer', static fn (Builder $signer): Builder => $signer->whereRaw('LOWER(name) LIKE ?', [$like]))
                ->orWhereHas('figure.unit', static fn (Builder $unit): Builder => $unit->whereRaw('LOWER(name) LIKE ?', [$like])
                    ->orWhereHas('job', static fn (Builder $job): Builder => $job->whereRaw('LOWER(name) LIKE ? OR LOWER(client) LIKE ?', [$like, $like])))))
            ->orderByDesc('number')->paginate(self::AT_ONCE);
    }
}
