<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\Srgb;

/**
 * What shows on an area from place to place: colours in the order they were laid, each with the share of it that is seen.
 * What is laid on raised parts lies on what was laid there last, as a finer light lies within a broader one.
 */
final readonly class Patches
{
    /** More colours side by side are seen as one. */
    private const MOST = 32;

    /** @param  non-empty-list<array{colour: Srgb, share: float}>  $patches shares over 0, together 1 */
    private function __construct(private array $patches)
    {
    }

    public static function of(Srgb $colour): self
    {
        return new self([['colour' => $colour, 'share' => 1.0]]);
    }

    /** With a recipe over all of it, thin or not. */
    public function over(Recipe $recipe, int $coats): self
    {
        return new self(array_map(static fn (array $patch): array => ['colour' => $recipe->over($patch['colour'], $coats), 'share' => $patch['share']], $this->patches));
    }

    /**
     * With a colour, as it is seen, on the raised parts.
     *
     * @param  float  $share of the area, 0 to 1
     */
    public function raised(Srgb $colour, float $share): self
    {
        $patches = [];
        $left = $share;
        foreach (array_reverse($this->patches) as $patch) {
            $hidden = min($patch['share'], $left);
            $left -= $hidden;
            if ($patch['share'] > $hidden) {
                $patches[] = ['colour' => $patch['colour'], 'share' => $patch['share'] - $hidden];
            }
        }
        $patches = array_reverse($patches);
        if ($share > 0) {
            $patches[] = ['colour' => $colour, 'share' => min(1.0, $share)];
        }

        return $patches === [] ? $this : new self(self::few($patches));
    }

    /**
     * What lies lowest is seen as one where there are too many.
     *
     * @param  non-empty-list<array{colour: Srgb, share: float}>  $patches
     * @return non-empty-list<array{colour: Srgb, share: float}>
     */
    private static function few(array $patches): array
    {
        if (count($patches) <= self::MOST) {
            return $patches;
        }
        [$low, $high] = $patches;
        $share = $low['share'] + $high['share'];

        return [['colour' => $low['colour']->under($high['colour'], $high['share'] / $share), 'share' => $share], ...array_slice($patches, 2)];
    }

    /** What was laid last. */
    public function top(): Srgb
    {
        return $this->patches[count($this->patches) - 1]['colour'];
    }

    /** As it is seen from a step back: each colour with the share of it that shows, in light. */
    public function mean(): Srgb
    {
        if (count($this->patches) === 1) {
            return $this->patches[0]['colour'];
        }
        $mean = [0.0, 0.0, 0.0];
        foreach ($this->patches as $patch) {
            foreach ($patch['colour']->light() as $channel => $light) {
                $mean[$channel] += $light * $patch['share'];
            }
        }

        return Srgb::ofLight(...$mean);
    }
}
