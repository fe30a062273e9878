<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use App\Actions\Studios\Log;
use App\Actions\Transaction;
use App\Models\LogKind;
use App\Models\StandardVersion;
use App\Models\User;
use App\Models\VersionState;
use App\Refusals\NotRight;
use App\Refusals\Stale;
use Illuminate\Support\Facades\DB;

/** Puts a draft in force; the version before it retires. Running jobs stay on theirs. */
final readonly class PutInForce
{
    /**
     * @param  int|null  $revisionRead of the draft; null where nobody reads it first
     *
     * @throws Stale if the draft was changed since it was read
     */
    public function handle(StandardVersion $version, ?User $by, string $why = '', ?int $revisionRead = null): StandardVersion
    {
        return Transaction::run(static function () use ($version, $by, $why, $revisionRead): StandardVersion {
            $draft = Drafts::lock($version);
            if ($revisionRead !== null && $draft->revision !== $revisionRead) {
                throw Stale::row('this draft', ['revision' => $draft->revision]);
            }
            if (DB::table('tiers')->where('standard_version_id', $draft->id)->doesntExist()) {
                throw NotRight::at('', 'no-tier', 'This draft has no tier yet; a standard needs one at least before jobs can be booked under it.');
            }
            StandardVersion::query()->where('state', VersionState::InForce)->lockForUpdate()->update(['state' => VersionState::Retired]);
            $draft->fill(['state' => 'in-force', 'in_force_at' => now(), 'in_force_by' => $by?->id, 'in_force_why' => $why])->save();
            if ($by !== null) {
                Log::of($by, LogKind::PutInForce, $draft->label);
            }

            return $draft;
        });
    }
}
