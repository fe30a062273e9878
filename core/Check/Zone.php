<?php

declare(strict_types=1);

namespace Core\Check;

use Core\Composition\TypeArea;

/** Whether a flaw sits where the eye goes. */
enum Zone: string
{
    case Focal = 'focal';
    case Plain = 'plain';

    public static function of(TypeArea $area): self
    {
        return $area->focal ? self::Focal : self::Plain;
    }
}
