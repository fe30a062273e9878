<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\Srgb;

/**
 * Looks for what comes nearest to a colour: a ratio of two recipes, or a glaze, thinner and in fewer coats or stronger
 * and in more. Of two that are as near as the eye tells, the simpler one. Forecasts by Kubelka–Munk and by the film.
 */
final readonly class ColourTrial
{
    /** Parts of the one and of the other, the simplest to count first; either alone is one too. */
    private const RATIOS = [[1, 0], [0, 1], ...MixSearch::MEASURES, [12, 1], [1, 12]];

    /** Parts of medium to one of paint. */
    private const THINNED = [0, 1, 2, 3, 4, 6, 8];

    private const MOST_COATS = 6;

    /** ΔE00 by which another way must be nearer, to be worth more counting or another coat. */
    private const WORTH_IT = 0.7;

    /** @param  Srgb|null  $under what the mix is laid on; null: it is looked at by itself */
    public static function ratio(Recipe $one, Recipe $other, Srgb $wanted, ?Srgb $under = null): ?Tried
    {
        $tried = [];
        foreach (self::RATIOS as [$own, $others]) {
            $recipe = match (0) {
                $own => $other,
                $others => $one,
                default => $one->mixedWith($other, $own, $others),
            };
            $shown = $under === null ? $recipe->colour() : $recipe->over($under, 1);
            if ($shown !== null) {
                $tried[] = new Tried($recipe, 1, $shown, $wanted);
            }
        }

        return self::nearest($tried);
    }

    /** @param  Paint|null  $medium that the studio thins glazes with; null: it has none, and the paint is laid as it is */
    public static function glaze(Recipe $film, ?Paint $medium, Srgb $under, Srgb $wanted): ?Tried
    {
        if ($film->colour() === null) {
            return null;
        }
        $tried = [];
        for ($coats = 1; $coats <= self::MOST_COATS; $coats++) {
            foreach ($medium === null ? [0] : self::THINNED as $parts) {
                $recipe = $medium === null || $parts === 0 ? $film : $film->mixedWith(Recipe::of($medium), 1, $parts);
                $tried[] = new Tried($recipe, $coats, $recipe->over($under, $coats), $wanted);
            }
        }

        return self::nearest($tried);
    }

    /** @param  list<Tried>  $tried the simplest first */
    private static function nearest(array $tried): ?Tried
    {
        $best = null;
        foreach ($tried as $one) {
            if ($best === null || $one->apart < $best->apart - self::WORTH_IT) {
                $best = $one;
            }
        }

        return $best;
    }
}
