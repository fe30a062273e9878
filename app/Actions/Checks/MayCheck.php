<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\Bench\Painters;
use App\Actions\NotAllowed;
use App\Models\Figure;
use App\Models\User;

/** Nobody checks own work, except where the studio allows it; a deputy signs up to a tier. */
final readonly class MayCheck
{
    /** @throws NotAllowed if this person may not check this figure */
    public static function require(User $user, Figure $figure): void
    {
        if (! $user->role->checks()) {
            throw NotAllowed::because('not-a-checker', 'Painters do not check; the lead or a deputy does.');
        }
        if (self::isOwnWork($user, $figure) && ! $user->studio->allows_self_check) {
            throw NotAllowed::because('own-work', 'You painted or mended on this figure; somebody else checks it.');
        }
    }

    /** @throws NotAllowed if this person may not sign a figure of this tier */
    public static function requireSigning(User $user, Figure $figure, int $rank, string $tier): void
    {
        self::require($user, $figure);
        if (! $user->maySignRank($rank)) {
            throw NotAllowed::because('above-signing-tier', "You may not sign figures of the tier {$tier}; the lead does.");
        }
    }

    public static function isOwnWork(User $user, Figure $figure): bool
    {
        return in_array($user->id, Painters::of($figure), true);
    }
}
