<?php

declare(strict_types=1);

namespace Core\Scheme;

/** Looks for a mix of two recipes in small whole parts that comes to a lightness. */
final readonly class MixSearch
{
    /** Measures of the one and the other, the simplest to count first. */
    public const MEASURES = [[1, 1], [2, 1], [1, 2], [3, 1], [1, 3], [3, 2], [2, 3], [4, 1], [1, 4], [5, 1], [1, 5], [6, 1], [1, 6], [8, 1], [1, 8]];

    /** A mix this much nearer, in L*, is worth more counting. */
    private const WORTH_COUNTING = 1.0;

    /**
     * @param  callable(Recipe): float  $lightness L* that a mix comes out with where it will lie
     * @param  float  $least L* that it must reach
     * @param  float  $most L* that it must stay under
     * @return array{recipe: Recipe, own: int, other: int, lightness: float}|null the nearest to the target between the bounds, the simplest where two are alike
     */
    public static function toLightness(Recipe $own, Recipe $other, callable $lightness, float $target, float $least, float $most): ?array
    {
        $best = null;
        foreach (self::MEASURES as [$ownMeasures, $otherMeasures]) {
            $recipe = $own->mixedWith($other, $ownMeasures, $otherMeasures);
            $reached = $lightness($recipe);
            if ($reached < $least || $reached > $most) {
                continue;
            }
            if ($best === null || abs($reached - $target) < abs($best['lightness'] - $target) - self::WORTH_COUNTING) {
                $best = ['recipe' => $recipe, 'own' => $ownMeasures, 'other' => $otherMeasures, 'lightness' => $reached];
            }
        }

        return $best;
    }
}
