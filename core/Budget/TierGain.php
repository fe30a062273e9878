<?php

declare(strict_types=1);

namespace Core\Budget;

use Core\Composition\FigureType;
use Core\Composition\TypeArea;
use Core\Plate\NeutralPlate;
use Core\Standard\Side;
use Core\Standard\Standard;
use Core\Standard\Surface;
use Core\Standard\Tier;

/**
 * What is seen of a figure at a tier: of each area its share, twice where it draws the eye, on so many of six sides as the tier
 * counts, times the span of values that its surface reaches there; by the size of the figure, and twice for one that leads. The weights are ours, from no source; it orders tiers and
 * figures among each other and is no unit of anything.
 */
final readonly class TierGain
{
    /** What draws the eye counts so often, be it an area or a figure. */
    public const FOCAL = 2.0;

    private const SIDES = 6;

    /** L* from black to white. */
    private const FULL_SPAN = 100.0;

    /** @param  array<array-key, array<array-key, float>>  $spans by tier and surface, 0 to 1; 0 where nothing is asked, or nobody has said what */
    private function __construct(
        private Standard $standard,
        private array $spans,
    ) {
    }

    /** @param  list<FigureType>  $types whose areas are asked about */
    public static function among(array $types, Standard $standard): self
    {
        $surfaces = array_unique(array_merge(...array_map(static fn (FigureType $type): array => array_map(static fn (TypeArea $area): string => $area->area->surface, $type->areas), $types)));
        $spans = [];
        foreach ($standard->tiers as $tier) {
            foreach ($surfaces as $surface) {
                $uses = $standard->requirement($tier->id, $surface)?->included() ?? [];
                $spans[$tier->id][$surface] = $uses === [] ? 0.0 : (new NeutralPlate($standard))->of($surface, $uses, $tier->id)->span / self::FULL_SPAN;
            }
        }

        return new self($standard, $spans);
    }

    /** @param  array<array-key, string>  $own tiers of areas that have one of their own */
    public function of(FigureType $type, string $tier, array $own = []): float
    {
        $gain = 0.0;
        foreach ($type->areas as $area) {
            if ($area->area->surface !== Surface::WHOLE) {
                $at = $this->standard->tier($own[$area->area->id] ?? $tier);
                $weight = $area->area->share * ($area->focal ? self::FOCAL : 1.0);
                $gain += $weight * self::seen($area->sides, $at) * ($this->spans[$at->id][$area->area->surface] ?? 0.0);
            }
        }

        return $gain * $type->sizeClass->size();
    }

    /** @param  list<Side>  $sides */
    private static function seen(array $sides, Tier $tier): float
    {
        return count(array_filter($sides, static fn (Side $side): bool => in_array($side, $tier->judging->sides, true))) / self::SIDES;
    }
}
