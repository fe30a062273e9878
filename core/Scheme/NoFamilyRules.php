<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\ColourFamily;
use Core\Colour\Srgb;
use Core\Standard\Side;

/**
 * No family of colours takes too much of what is seen of a figure from the front, once most of it has its colours and
 * unless its scheme wants one. Studio settings.
 */
final readonly class NoFamilyRules implements HoldingRule
{
    /**
     * @param  float  $limit share of what is seen, 0 to 1
     * @param  float  $from share of what is seen that must have its colours before anything is said, 0 to 1
     */
    public function __construct(
        private float $limit,
        private float $from,
    ) {
    }

    public function findings(PaintedFigure $figure): iterable
    {
        if ($figure->isOfOneColour || $figure->coloured() < $this->from) {
            return;
        }
        foreach (self::families($figure) as $family => $share) {
            if ($share > $this->limit) {
                yield new SchemeFinding(SchemeFault::OneFamily, '', ['family' => $family, 'share' => $share, 'limit' => $this->limit]);
            }
        }
    }

    /** @return array<string, float> share of all that is seen from the front by family, the largest first; what has no colours yet is of none */
    public static function families(PaintedFigure $figure): array
    {
        $shares = [];
        foreach ($figure->seenFrom(Side::Front) as $area) {
            $tone = $figure->tone($area->area->id);
            if ($tone !== null) {
                $family = ColourFamily::of($tone->lab())->value;
                $shares[$family] = ($shares[$family] ?? 0.0) + $area->area->share;
            }
        }
        arsort($shares);

        return array_map(static fn (float $share): float => $share / $figure->seen(), $shares);
    }

    /** The colour of the family's largest area that is seen from the front. */
    public static function mostSeen(PaintedFigure $figure, string $family): Srgb
    {
        $share = 0.0;
        $most = Srgb::ofLight(0.5, 0.5, 0.5);
        foreach ($figure->seenFrom(Side::Front) as $area) {
            $tone = $figure->tone($area->area->id);
            if ($tone !== null && ColourFamily::of($tone->lab())->value === $family && $area->area->share > $share) {
                [$share, $most] = [$area->area->share, $tone];
            }
        }

        return $most;
    }
}
