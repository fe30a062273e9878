<?php

declare(strict_types=1);

namespace Core\Standard;

use Core\CoreException;

/** Two of what there may be only one of. The pointer is at the second. */
final class Duplicate extends CoreException
{
    public static function id(string $id, string $pointer): self
    {
        return new self('duplicate-id', $pointer, "The id \"{$id}\" stands here for the second time; give each its own.");
    }

    public static function rank(int $rank, string $pointer): self
    {
        return new self('duplicate-rank', $pointer, "Rank {$rank} is taken by another tier; give each tier a rank of its own.");
    }

    public static function use(string $id, string $pointer): self
    {
        return new self('duplicate-use', $pointer, "The use \"{$id}\" stands here for the second time; a second use of the same technique needs an id of its own.");
    }

    public static function requirement(string $tier, string $surface, string $pointer): self
    {
        return new self('duplicate-requirement', $pointer, "What \"{$tier}\" asks of \"{$surface}\" is written twice; keep one requirement.");
    }

    public static function area(string $id, string $pointer): self
    {
        return new self('duplicate-area', $pointer, "The figure has the area \"{$id}\" twice; give each area its own id.");
    }

    public static function place(string $name, string $pointer): self
    {
        return new self('duplicate-place', $pointer, "\"{$name}\" is a place or a kind of piece of this area already; give each place a name of its own.");
    }

    public static function whole(string $area, string $pointer): self
    {
        return new self('duplicate-area', $pointer, "\"{$area}\" is the figure as one already; a figure has it once.");
    }
}
