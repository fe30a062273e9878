<?php

declare(strict_types=1);

namespace Core\Composition;

use Core\Standard\Area;
use Core\Standard\Side;
use Core\Standard\Surface;

/**
 * A figure type made from names, surfaces and rough sizes, so that an unknown figure can be booked at
 * once. Weights 1, 2, 4 are normalised to shares of 1, *whole* is added, all sides but below see every
 * area, and the depth comes from the surface. Common practice; studio setting.
 */
final readonly class QuickFigureType
{
    private const DEPTH = [
        'face' => 1, 'skin' => 1, 'joints' => 1, 'leather' => 2, 'hair' => 2, 'bone' => 2, 'cloth' => 3, 'plate' => 4,
        'metal' => 5, 'wood' => 5, 'trim' => 5, 'lens' => 6, 'lettering' => 6, 'marking' => 7, 'ground' => 8, 'rim' => 9,
    ];

    /** For surfaces that a studio has added itself: between plate and metal. */
    private const DEPTH_OF_OTHERS = 4;

    /** @param  list<QuickArea>  $areas at least one */
    public static function make(string $name, SizeClass $sizeClass, array $areas): FigureType
    {
        $total = array_sum(array_map(static fn (QuickArea $area): int => $area->weight->weight(), $areas));
        $sides = [Side::Front, Side::Left, Side::Back, Side::Right, Side::Above];
        $whole = new TypeArea(new Area('figure', Surface::WHOLE, 1.0), '', 0, false, $sides);
        $made = array_map(static fn (QuickArea $area): TypeArea => new TypeArea(
            new Area($area->name, $area->surface, $area->weight->weight() / $total, $area->features),
            '',
            self::depthOf($area->surface),
            $area->focal,
            $sides,
        ), $areas);

        return new FigureType($name, $sizeClass, [$whole, ...$made]);
    }

    public static function depthOf(string $surface): int
    {
        return self::DEPTH[$surface] ?? self::DEPTH_OF_OTHERS;
    }
}
