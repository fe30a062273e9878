<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Models\StandardVersion;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Puts a version in force; the one before it retires. Running jobs stay on theirs. */
final readonly class PutInForce
{
    public function handle(StandardVersion $version, ?User $by): StandardVersion
    {
        return DB::transaction(static function () use ($version, $by): StandardVersion {
            StandardVersion::query()->where('standard_id', $version->standard_id)->where('state', 'in-force')->lockForUpdate()->update(['state' => 'retired']);
            $version->fill(['state' => 'in-force', 'in_force_at' => now(), 'in_force_by' => $by?->id])->save();

            return $version;
        });
    }
}
