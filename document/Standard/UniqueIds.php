<?php

declare(strict_types=1);

namespace Document\Standard;

use Core\Standard\Duplicate;

/** Ids are unique in their list. */
final readonly class UniqueIds
{
    public function __construct(private Refusals $refusals)
    {
    }

    /**
     * @param  list<string>  $ids
     * @param  string  $at JSON pointer to the list
     * @param  string  $member pointer from an entry to its id
     *
     * @throws Duplicate at the second of two equal ids, unless refusals are kept
     */
    public function require(array $ids, string $at, string $member = ''): void
    {
        $seen = [];
        foreach ($ids as $i => $id) {
            if (isset($seen[$id])) {
                $this->refusals->refuse(Duplicate::id($id, "{$at}/{$i}{$member}"));
            }
            $seen[$id] = true;
        }
    }
}
