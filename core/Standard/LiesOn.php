<?php

declare(strict_types=1);

namespace Core\Standard;

/** Where the paint of a technique ends up on a surface. */
enum LiesOn: string
{
    case All = 'all';
    case Recess = 'recess';
    case Face = 'face';
    case Edge = 'edge';
    case Point = 'point';

    /** A line or a dot: it stands beside what it lies on, and is not blended into it. */
    public function isLine(): bool
    {
        return $this === self::Edge || $this === self::Point;
    }
}
