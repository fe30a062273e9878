<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Standard\Side;

/** Bright metal that is seen from the front has a shade or a light: in one tone it is the same on each figure of a row. Common practice, no source. */
final readonly class MetalsVary implements HoldingRule
{
    /** Share of what is seen from the front under which a metal is a glint. From memory. */
    private const GLINT = 0.08;

    /** @param  float  $from L* */
    public function __construct(private float $from)
    {
    }

    public function findings(PaintedFigure $figure): iterable
    {
        foreach ($figure->seenFrom(Side::Front) as $area) {
            $ladder = $figure->ladders[$area->area->id];
            $tone = $ladder->tone;
            $recipe = self::only($ladder);
            if ($tone !== null && $recipe?->hasMetal() === true && $tone->lightness() >= $this->from && $area->area->share >= self::GLINT) {
                yield new SchemeFinding(SchemeFault::MetalsAlike, $area->area->id, ['recipe' => $recipe->text(), 'lightness' => round($tone->lightness()), 'from' => $this->from]);
            }
        }
    }

    /** What an area is painted with, where that is one thing alone. */
    private static function only(TierLadder $ladder): ?Recipe
    {
        $texts = [];
        foreach ($ladder->steps as $step) {
            if ($step->recipe !== null) {
                $texts[$step->recipe->text()] = $step->recipe;
            }
        }

        return count($texts) === 1 ? array_values($texts)[0] : null;
    }
}
