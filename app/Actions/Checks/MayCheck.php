<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\Bench\Painters;
use App\Models\Figure;
use App\Models\User;
use App\Refusals\NotAllowed;
use Core\Standard\Checker;
use Core\Standard\Tier;

/** Nobody checks own work, except where the studio allows it; a deputy signs up to a tier. */
final readonly class MayCheck
{
    /** @throws NotAllowed if this person may not check this figure */
    public static function require(User $user, Figure $figure): void
    {
        Painters::requireOther($user, $figure);
    }

    /** @throws NotAllowed if only the lead checks this tier */
    public static function requireTier(User $user, Tier $tier): void
    {
        if ($tier->terms->checker === Checker::Lead && ! $user->isLead()) {
            throw NotAllowed::because('lead-checks', "Only the lead checks figures of the tier {$tier->name}.");
        }
    }

    /** @throws NotAllowed if this person may not sign a figure of this tier */
    public static function requireSigning(User $user, Figure $figure, Tier $tier): void
    {
        self::require($user, $figure);
        self::requireTier($user, $tier);
        if (! self::maySign($user, $tier)) {
            throw NotAllowed::because('above-signing-tier', "You may not sign figures of the tier {$tier->name}; the lead does.");
        }
    }

    public static function maySign(User $user, Tier $tier): bool
    {
        return $user->isLead() || ($tier->terms->checker !== Checker::Lead && $user->maySignRank($tier->rank));
    }
}
