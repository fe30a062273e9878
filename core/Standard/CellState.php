<?php

declare(strict_types=1);

namespace Core\Standard;

/** What a tier says of a surface. */
enum CellState: string
{
    case Asked = 'asked';
    case NotAsked = 'not asked';
    case Undecided = 'undecided';

    public static function of(?Requirement $requirement): self
    {
        return match (true) {
            $requirement === null => self::Undecided,
            $requirement->asksNothing() => self::NotAsked,
            default => self::Asked,
        };
    }
}
