<?php

declare(strict_types=1);

namespace Document\Member;

use Core\Standard\Acceptance;

/**
 * The members of a finding that is left as it is.
 *
 * @phpstan-type AcceptanceDocument array{
 *   code: string,
 *   tier: string,
 *   reason: string,
 *   surface?: string,
 *   use?: string,
 *   by?: string,
 * }
 */
final readonly class AcceptanceMembers
{
    /** @return Members<Acceptance> */
    public static function all(): Members
    {
        return new Members(Acceptance::class, [
            Member::needed('code', Kind::id()),
            Member::needed('tier', Kind::id()),
            Member::needed('reason', Kind::id()),
            Member::optional('surface', Kind::id(), 'surface', 'of which the finding speaks; left out: of the tier'),
            Member::optional('use', Kind::id(), 'use', 'of which the finding speaks; left out: of the cell'),
            Member::optional('by', Kind::text(), 'by', 'who accepted it'),
        ]);
    }
}
