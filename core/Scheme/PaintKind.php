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

    /** Whether it is paint that figures are coloured with: bases and layers, washes and stains. They stand in for each other. */
    public function isPlain(): bool
    {
        return in_array($this, [self::Base, self::Layer, self::Wash, self::Stain], true);
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
