<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\Schemes\ReadScheme;
use App\Actions\Schemes\SchemeReading;
use Core\Composition\ComposedUse;
use Core\Composition\TypeArea;
use Core\Plate\Palette;
use Core\Scheme\AreaLadder;
use Core\Scheme\PlateColours;
use Core\Scheme\TierLadder;
use Core\Standard\Requirement;
use Core\Standard\TechniqueUse;
use Core\Standard\Tier;

/**
 * Proof plates of the areas of a figure in the colours of a scheme, area by area and tier beside tier.
 *
 * @phpstan-import-type Plate from PlateParts
 *
 * @phpstan-type SchemePlate array{area: string, surface_name: string, tier: string, tier_name: string, span: float, asked: float|null, plate: Plate|null}
 */
final readonly class SchemePlatesResource extends Resource
{
    /** The figure as one has no surface to show. */
    private const WHOLE = 'whole';

    /**
     * @param  list<string>|null  $areas null for all
     * @param  AreaLadder|null  $instead of what the scheme has, for its area
     */
    public function __construct(
        private SchemeReading $reading,
        private ?array $areas = null,
        private ?AreaLadder $instead = null,
    ) {
    }

    /** @return list<SchemePlate> */
    public function toArray(): array
    {
        $plates = [];
        $tiers = array_filter($this->reading->standard->tiersByRank(), static fn (Tier $tier): bool => ! $tier->retired);
        $compositions = [];
        foreach ($this->reading->figure->type->areas as $area) {
            if ($this->areas === null ? $area->area->surface === self::WHOLE : ! in_array($area->area->id, $this->areas, true)) {
                continue;
            }
            foreach ($tiers as $tier) {
                $compositions[$tier->id] ??= ReadScheme::compose($this->reading->standard, $this->reading->figure->type, $tier);
                $plates[] = $this->plate($area, $tier, $compositions[$tier->id]->usesOn($area->area->id));
            }
        }

        return $plates;
    }

    /**
     * @param  list<ComposedUse>  $uses
     * @return SchemePlate
     */
    private function plate(TypeArea $area, Tier $tier, array $uses): array
    {
        $id = $area->area->id;
        $ladder = $this->instead !== null && $this->instead->area === $id
            ? new TierLadder($this->reading->ladders->reading($this->instead), $uses, $this->reading->standard, $this->reading->rules->ladder, $tier->terms->valueSpan)
            : $this->reading->ladders->tier($this->reading->type, $id, $uses, $this->reading->standard, $tier->id);
        $laid = array_map(static fn (ComposedUse $use): TechniqueUse => $use->use, $uses);

        return [
            'area' => $id,
            'surface_name' => $this->reading->standard->surface($area->area->surface)->name,
            'tier' => $tier->id,
            'tier_name' => $tier->name,
            'span' => round($ladder->span ?? 0.0, 1),
            'asked' => $tier->terms->valueSpan,
            'plate' => $laid === [] ? null : (new PlateParts($this->reading->standard))->plate(
                new Requirement($tier->id, $area->area->surface, $laid),
                $ladder === null ? Palette::neutral() : PlateColours::of($ladder),
            ),
        ];
    }
}
