<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Actions\Transaction;
use App\Models\Scheme;
use App\Models\SchemeAcceptance;
use App\Models\User;

/** A lead says that what was found about a scheme is meant so, or takes that back. */
final readonly class AcceptFinding
{
    public function handle(Scheme $scheme, FoundPlace $place, string $reason, User $by): void
    {
        Transaction::run(static function () use ($scheme, $place, $reason, $by): void {
            Scheme::query()->lockForUpdate()->findOrFail($scheme->id);
            SchemeAcceptance::query()->updateOrCreate(['scheme_id' => $scheme->id] + $place->columns(), ['reason' => $reason, 'user_id' => $by->id]);
        });
    }

    public function takeBack(Scheme $scheme, FoundPlace $place): void
    {
        SchemeAcceptance::query()->where('scheme_id', $scheme->id)->where($place->columns())->delete();
    }
}
