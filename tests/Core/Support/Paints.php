<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use Core\Colour\Srgb;
use Core\Scheme\Paint;
use Core\Scheme\PaintKind;
use Core\Scheme\Recipe;
use Core\Scheme\RecipePart;
use Core\Standard\Opacity;

/** Invented paints, a few of each kind. */
final readonly class Paints
{
    private const ALL = [
        'Chalk primer' => [PaintKind::Primer, '#e9e6dd', Opacity::Opaque],
        'Pitch primer' => [PaintKind::Primer, '#1b1c1e', Opacity::Opaque],
        'Rust Buoy' => [PaintKind::Base, '#8c3a26', Opacity::Opaque],
        'Signal Red' => [PaintKind::Layer, '#b8402f', Opacity::Opaque],
        'Ember Glow' => [PaintKind::Layer, '#e2752f', Opacity::Opaque],
        'Weir Blue' => [PaintKind::Layer, '#4f7390', Opacity::Opaque],
        'Cold Spray' => [PaintKind::Layer, '#9db9c6', Opacity::Opaque],
        'Harbour Slate' => [PaintKind::Base, '#3e4c57', Opacity::Opaque],
        'Gull White' => [PaintKind::Layer, '#f1efe6', Opacity::Opaque],
        'Lamp Black' => [PaintKind::Base, '#161617', Opacity::Opaque],
        'Wet Stone' => [PaintKind::Base, '#6e7072', Opacity::Opaque],
        'Old Brass' => [PaintKind::Metal, '#8a6b33', Opacity::Opaque],
        'New Brass' => [PaintKind::Metal, '#c79e4c', Opacity::Opaque],
        'Bright Chain' => [PaintKind::Metal, '#b6bbbf', Opacity::Opaque],
        'Bilge wash' => [PaintKind::Wash, '#3a3226', Opacity::Transparent],
        'Amber stain' => [PaintKind::Stain, '#b8771e', Opacity::Transparent],
        'Rosy wash' => [PaintKind::Wash, '#8a4636', Opacity::Transparent],
        'Thin medium' => [PaintKind::Medium, '#ffffff', Opacity::Transparent],
        'Flat varnish' => [PaintKind::Varnish, '#ffffff', Opacity::Transparent],
    ];

    public static function of(string $name, ?float $stock = 10.0): Paint
    {
        [$kind, $hex, $opacity] = self::ALL[$name];

        return new Paint($name, $kind, Srgb::fromHex($hex), $opacity, stockMl: $stock);
    }

    /** @return list<Paint> all, in stock */
    public static function all(): array
    {
        return array_map(static fn (string $name): Paint => self::of($name), array_keys(self::ALL));
    }

    /** @param  array<string, int|float>  $parts by name; `water` is water */
    public static function mix(array $parts): Recipe
    {
        $water = (float) ($parts[Recipe::WATER] ?? 0);
        unset($parts[Recipe::WATER]);
        $of = array_map(static fn (string $name, int|float $each): RecipePart => new RecipePart(self::of($name), (float) $each), array_keys($parts), $parts);
        assert($of !== []);

        return new Recipe($of, $water);
    }

    /** A middle grey of a lightness that can be said by hand. */
    public static function grey(string $hex): Recipe
    {
        return Recipe::of(new Paint("Grey {$hex}", PaintKind::Base, Srgb::fromHex($hex), Opacity::Opaque, stockMl: 1.0));
    }
}
