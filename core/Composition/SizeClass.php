<?php

declare(strict_types=1);

namespace Core\Composition;

/** How much work a figure is beside a foot figure of 28 to 32 mm. Studio setting; these are the defaults. */
enum SizeClass: string
{
    case Small = 'small';
    case Foot = 'foot';
    case LargeFoot = 'large-foot';
    case Mounted = 'mounted';
    case Monster = 'monster';
    case Centrepiece = 'centrepiece';

    public function size(): float
    {
        return match ($this) {
            self::Small => 0.4,
            self::Foot => 1.0,
            self::LargeFoot => 1.6,
            self::Mounted => 2.5,
            self::Monster => 5.0,
            self::Centrepiece => 12.0,
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Small => 'small',
            self::Foot => 'on foot',
            self::LargeFoot => 'large, on foot',
            self::Mounted => 'mounted',
            self::Monster => 'monster or vehicle',
            self::Centrepiece => 'centrepiece',
        };
    }
}
