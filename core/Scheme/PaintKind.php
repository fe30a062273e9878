<?php

declare(strict_types=1);

namespace Core\Scheme;

/** What a pot holds. */
enum PaintKind: string
{
    case Primer = 'primer';
    case Base = 'base';
    case Layer = 'layer';
    case Metal = 'metal';
    case Wash = 'wash';
    case Stain = 'stain';
    case Medium = 'medium';
    case Pigment = 'pigment';
    case Texture = 'texture';
    case Varnish = 'varnish';

    /** Whether it brings a colour of its own into a mix. */
    public function colours(): bool
    {
        return $this !== self::Medium && $this !== self::Varnish;
    }

    /** Whether paint of this kind is laid to tint what lies under it, and breaks when thinned with too much water. */
    public function isFlowing(): bool
    {
        return $this === self::Wash || $this === self::Stain;
    }

    /** Share that one coat hides, where the studio gives none for a transparent paint. From memory. */
    public function usualHiding(): float
    {
        return match ($this) {
            self::Wash => 0.65,
            self::Stain => 0.6,
            self::Pigment => 0.5,
            default => 0.35,
        };
    }
}
