<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\SchemeReading;
use App\Actions\Schemes\SurfacePlate;
use App\Http\Shared\Resource;
use App\Http\Standards\PlateParts;

/**
 * Proof plates of the areas of a figure in the colours of a scheme, area by area and tier beside tier.
 *
 * @phpstan-import-type Plate from PlateParts
 *
 * @phpstan-type SchemePlate array{
 *   area: string,
 *   surface_name: string,
 *   tier: string,
 *   tier_name: string,
 *   span: float|null,
 *   asked: float|null,
 *   tone: string|null,
 *   plate: Plate|null,
 * }
 */
final readonly class SchemePlatesResource extends Resource
{
    /** @param  list<SurfacePlate>  $plates */
    public function __construct(
        private SchemeReading $reading,
        private array $plates,
    ) {
    }

    /** @return list<SchemePlate> */
    public function toArray(): array
    {
        return array_map($this->plate(...), $this->plates);
    }

    /** @return SchemePlate */
    private function plate(SurfacePlate $one): array
    {
        $surface = $one->area->area->surface;

        return [
            'area' => $one->area->area->id,
            'surface_name' => $this->reading->standard->surface($surface)->name,
            'tier' => $one->tier->id,
            'tier_name' => $one->tier->name,
            'span' => ($span = $one->ladder?->span()) === null ? null : round($span),
            'asked' => $this->reading->askedOf($one->ladder, $one->tier),
            'tone' => $one->ladder?->tone?->hex(),
            'plate' => $one->plate === null ? null : (new PlateParts($this->reading->standard))->drawn($one->tier->id, $surface, $one->plate),
        ];
    }
}
