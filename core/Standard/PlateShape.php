<?php

declare(strict_types=1);

namespace Core\Standard;

/** What a surface's proof plate is drawn as. */
enum PlateShape: string
{
    case Hard = 'hard';
    case Fold = 'fold';
    case Strap = 'strap';
    case Face = 'face';
    case Hide = 'hide';
    case Hair = 'hair';
    case Blade = 'blade';
    case Tusk = 'tusk';
    case Plank = 'plank';
    case Lens = 'lens';
    case Trim = 'trim';
    case Joint = 'joint';
    case Scroll = 'scroll';
    case Decal = 'decal';
    case Ground = 'ground';
    case Rim = 'rim';
    case Figure = 'figure';

    /** For the surfaces that every studio knows; a surface that nobody has named is drawn as a hard plate. */
    public static function usual(string $surface): self
    {
        return match ($surface) {
            'cloth' => self::Fold,
            'leather' => self::Strap,
            'face' => self::Face,
            'skin' => self::Hide,
            'hair' => self::Hair,
            'metal' => self::Blade,
            'bone' => self::Tusk,
            'wood' => self::Plank,
            'lens' => self::Lens,
            'trim' => self::Trim,
            'joints' => self::Joint,
            'lettering' => self::Scroll,
            'marking' => self::Decal,
            'ground' => self::Ground,
            'rim' => self::Rim,
            'whole' => self::Figure,
            default => self::Hard,
        };
    }
}
