<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Standard\Opacity;

/** Paints of a studio to lighten and to darken others with. */
final readonly class Tints
{
    /** @param  list<Paint>  $paints */
    public function __construct(private array $paints)
    {
    }

    /** The lightest opaque paint that is no metal. */
    public function lightener(): ?Recipe
    {
        return $this->furthest(static fn (Paint $paint): bool => $paint->opacity === Opacity::Opaque, 1);
    }

    /** The darkest paint that covers, or that lets through, as what it darkens does. */
    public function darkener(Recipe $recipe): ?Recipe
    {
        return $this->furthest(static fn (Paint $paint): bool => ($paint->opacity === Opacity::Opaque) === $recipe->covers(), -1);
    }

    /** The darkest paint that lets through, to shade with as it is. */
    public function wash(): ?Recipe
    {
        return $this->furthest(static fn (Paint $paint): bool => $paint->opacity === Opacity::Transparent, -1);
    }

    /** @param  callable(Paint): bool  $may */
    private function furthest(callable $may, int $way): ?Recipe
    {
        $found = null;
        foreach ($this->paints as $paint) {
            if ($paint->kind->isPlain() && $may($paint) && ($found === null || $way * ($paint->colour->lightness() - $found->colour->lightness()) > 0)) {
                $found = $paint;
            }
        }

        return $found === null ? null : Recipe::of($found);
    }
}
