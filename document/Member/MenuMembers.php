<?php

declare(strict_types=1);

namespace Document\Member;

use Core\Standard\Menu;

/**
 * The members of a menu.
 *
 * @phpstan-type MenuDocument array{
 *   id: string,
 *   uses: non-empty-list<string>,
 *   name?: string,
 *   choose?: int|float,
 * }
 */
final readonly class MenuMembers
{
    /** @return Members<Menu> */
    public static function all(): Members
    {
        return new Members(Menu::class, [
            Member::needed('id', Kind::id()),
            Member::needed('uses', Kind::listOf(Kind::id(), 1)),
            Member::optional('name', Kind::text(), 'name', 'words; left out: its `id`'),
            Member::optional('choose', Kind::whole(1), 'choose', 'how many of them the tier includes; left out: by agreement'),
        ]);
    }

    /** @param  MenuDocument  $document */
    public static function read(array $document): Menu
    {
        return self::all()->read($document + ['name' => $document['id']]);
    }
}
