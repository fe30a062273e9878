<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\ColourDifference;
use Core\Colour\Srgb;
use Core\Colour\ToneWords;
use Core\Standard\Opacity;

/** Looks among the paints of a studio for the nearest that has not run out. */
final readonly class Substitutes
{
    /** @param  list<Paint>  $paints of the studio */
    public function __construct(private array $paints)
    {
    }

    /**
     * Paints that have not run out and behave as this one does, the nearest first. A metal or a transparent paint never
     * stands in for an opaque one, nor a primer, a paste or a medium for paint: only like for like.
     *
     * @return list<Substitute>
     */
    public function for(Paint $paint, int $most = 5): array
    {
        return $this->near($paint->colour, static fn (Paint $other): bool => $other->name !== $paint->name && self::behaveAlike($paint, $other), $most);
    }

    /**
     * Opaque paints nearest to a colour, such as one read from a picture.
     *
     * @return list<Substitute>
     */
    public function nearestTo(Srgb $colour, int $most = 3): array
    {
        return $this->near($colour, static fn (Paint $paint): bool => $paint->kind->isPlain() && $paint->opacity === Opacity::Opaque, $most);
    }

    /**
     * @param  callable(Paint): bool  $may
     * @return list<Substitute>
     */
    private function near(Srgb $colour, callable $may, int $most): array
    {
        $lab = $colour->lab();
        $found = [];
        foreach ($this->paints as $paint) {
            if (! $paint->hasRunOut() && $may($paint)) {
                $found[] = new Substitute($paint, ColourDifference::between($lab, $paint->colour->lab()), ToneWords::of($paint->colour->lab(), $lab));
            }
        }
        usort($found, static fn (Substitute $a, Substitute $b): int => $a->deltaE00 <=> $b->deltaE00);

        return array_slice($found, 0, $most);
    }

    private static function behaveAlike(Paint $one, Paint $other): bool
    {
        return $one->opacity === $other->opacity && ($one->kind->isPlain() ? $other->kind->isPlain() : $one->kind === $other->kind);
    }
}
