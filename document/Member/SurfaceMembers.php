<?php

declare(strict_types=1);

namespace Document\Member;

use Core\Standard\PlateShape;
use Core\Standard\Surface;

/**
 * The members of a surface.
 *
 * @phpstan-type SurfaceDocument array{
 *   id: string,
 *   name: string,
 *   needs_lay_in?: bool,
 *   note?: string,
 *   group?: string,
 *   plate?: string,
 *   schools?: array<string, string>,
 *   quiet?: bool,
 * }
 */
final readonly class SurfaceMembers
{
    /** @return Members<Surface> */
    public static function all(): Members
    {
        return new Members(Surface::class, [
            Member::needed('id', Kind::id()),
            Member::needed('name', Kind::text())->called(new Called('Name', 'head')),
            Member::optional('needs_lay_in', Kind::flag(), 'needsLayIn', 'whether it is laid in before all else')->called(new Called('Needs a lay-in', 'work')),
            Member::optional('note', Kind::text(), 'note', 'words')->called(new Called('What it is', 'words')),
            Member::optional('group', Kind::text(), 'group', 'for looking at like surfaces together')->called(new Called('Group', 'words')),
            Member::optional('plate', Kind::word(PlateShape::class), 'plate', 'what its proof plate is drawn as')->called(new Called('Drawn as', 'words')),
            Member::optional('schools', SchoolMembers::kind(), 'schools', 'choices for this surface only; they go before those of the document'),
            Member::optional('quiet', Kind::flag(), 'isQuiet', 'whether its areas need not go from dark to light as far as their tier asks')->called(new Called('Quiet: need not reach the span of its tier', 'work')),
        ]);
    }
}
