<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Why;

/** How much to mix for so many figures, in drops that keep the ratio. */
final readonly class Batch
{
    /** @param  float  $ml that the figures take */
    private function __construct(
        public Recipe $recipe,
        public float $ml,
        public Why $why,
        private float $dropsPerMl,
    ) {
    }

    /**
     * @param  int  $figures at least 1
     * @param  float  $size of a figure, by its size class
     * @param  float  $share of the figure that the area is, over 0 to 1
     * @param  float  $cover of the area that the step covers, over 0 to 1
     * @param  int  $coats at least 1
     * @param  SchemeRules  $rules usual: a foot figure of about 60 cm² under a wet film of 0.05 mm takes 0.3 ml, and as much is lost; 20 drops to the millilitre
     */
    public static function of(Recipe $recipe, int $figures, float $size, float $share, float $cover, int $coats, SchemeRules $rules = new SchemeRules): self
    {
        $ml = $figures * $size * $share * $cover * $coats * $rules->mlPerCoat;

        return new self($recipe, $ml, new Why(
            [
                'figures' => (string) $figures,
                'size' => (string) round($size, 2),
                'share of the figure' => (string) round($share, 3),
                'cover' => (string) round($cover, 2),
                'coats' => (string) $coats,
            ],
            sprintf('Figures × size × share × cover × coats × %.1f ml a coat on a whole figure of size 1, half of it lost on palette and brush; %d drops to the millilitre, rounded up so that the ratio holds.', $rules->mlPerCoat, $rules->dropsPerMl),
            Why::STUDIO_SETTING,
        ), $rules->dropsPerMl);
    }

    /**
     * What is stirred at once for several areas.
     *
     * @param  non-empty-list<self>  $batches of one recipe
     */
    public static function together(array $batches): self
    {
        $ml = array_sum(array_map(static fn (self $batch): float => $batch->ml, $batches));

        return new self($batches[0]->recipe, $ml, new Why(
            ['areas' => (string) count($batches), 'millilitres of each' => implode(' + ', array_map(static fn (self $batch): string => (string) round($batch->ml, 2), $batches))],
            'What each area takes, stirred once: '.$batches[0]->why->rule,
            Why::STUDIO_SETTING,
        ), $batches[0]->dropsPerMl);
    }

    /** @return array<string, float> millilitres of each paint, by name */
    public function mlByPaint(): array
    {
        $whole = $this->recipe->water + array_sum(array_map(static fn (RecipePart $part): float => $part->parts, $this->recipe->parts));
        $ml = [];
        foreach ($this->recipe->parts as $part) {
            $ml[$part->paint->name] = ($ml[$part->paint->name] ?? 0.0) + $this->ml * $part->parts / $whole;
        }

        return $ml;
    }

    /**
     * Whole drops of each part, at least as many as are needed, in the recipe's ratio.
     *
     * @return list<array{name: string, drops: int}> water last
     */
    public function drops(): array
    {
        $parts = array_map(static fn (RecipePart $part): array => ['name' => $part->paint->name, 'parts' => $part->parts], $this->recipe->parts);
        if ($this->recipe->water > 0) {
            $parts[] = ['name' => Recipe::WATER, 'parts' => $this->recipe->water];
        }
        $scale = self::wholeScale(array_column($parts, 'parts'));
        $whole = array_map(static fn (array $part): int => (int) max(1, round($part['parts'] * $scale)), $parts);
        $times = max(1, (int) ceil($this->ml * $this->dropsPerMl / array_sum($whole) - 1e-9));

        return array_map(static fn (array $part, int $drops): array => ['name' => $part['name'], 'drops' => $drops * $times], $parts, $whole);
    }

    /**
     * The least factor that makes all parts whole; ten where none up to ten does, and the ratio then holds to a tenth of a part.
     *
     * @param  list<float>  $parts
     */
    private static function wholeScale(array $parts): int
    {
        for ($scale = 1; $scale < 10; $scale++) {
            if (array_filter($parts, static fn (float $each): bool => abs($each * $scale - round($each * $scale)) > 1e-6) === []) {
                return $scale;
            }
        }

        return 10;
    }
}
