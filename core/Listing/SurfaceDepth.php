<?php

declare(strict_types=1);

namespace Core\Listing;

/** How far out an area of a surface usually lies, from inner (1) to outer (9). Common practice, no source. */
final readonly class SurfaceDepth
{
    private const DEPTH = [
        'face' => 1, 'skin' => 1, 'joints' => 1, 'leather' => 2, 'hair' => 2, 'bone' => 2, 'cloth' => 3, 'plate' => 4,
        'metal' => 5, 'wood' => 5, 'trim' => 5, 'lens' => 6, 'lettering' => 6, 'marking' => 7, 'ground' => 8, 'rim' => 9,
    ];

    /** For surfaces that a studio has added itself: between plate and metal. */
    private const OF_OTHERS = 4;

    public static function of(string $surface): int
    {
        return self::DEPTH[$surface] ?? self::OF_OTHERS;
    }
}
