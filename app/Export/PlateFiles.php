<?php

declare(strict_types=1);

namespace App\Export;

/** What lies among what was made ({@see MadeFiles}) of a plate that was shown. */
final readonly class PlateFiles
{
    /** Pixels across: for a plate as small as in a cell, on a fine screen, and as large as it is ever shown. */
    public const WIDTHS = [248, 496, 992];

    /** The drawing of which pictures are made when they are asked for. */
    public static function drawing(string $key): string
    {
        return "drawings/{$key}.svg";
    }
}
