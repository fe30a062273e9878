<?php

declare(strict_types=1);

namespace Core\Scheme;

use Core\Colour\ColourFamily;
use Core\Colour\Srgb;
use Core\Standard\Side;

/** No family of colours takes too much of what is seen of a figure from the front. A studio setting. */
final readonly class NoFamilyRules implements HoldingRule
{
    public function __construct(private float $limit)
    {
    }

    public function findings(PaintedFigure $figure): iterable
    {
        foreach (self::families($figure) as $family => $share) {
            if ($share > $this->limit) {
                yield new SchemeFinding(SchemeFault::OneFamily, '', ['family' => $family, 'share' => $share, 'limit' => $this->limit]);
            }
        }
    }

    /** @return array<string, float> share of what is seen from the front by family, the largest first */
    public static function families(PaintedFigure $figure): array
    {
        $shares = [];
        $whole = 0.0;
        foreach ($figure->seenFrom(Side::Front) as $area) {
            $tone = $figure->tone($area->area->id);
            if ($tone !== null) {
                $family = ColourFamily::of($tone->lab())->value;
                $shares[$family] = ($shares[$family] ?? 0.0) + $area->area->share;
                $whole += $area->area->share;
            }
        }
        arsort($shares);

        return array_map(static fn (float $share): float => $share / $whole, $shares);
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
