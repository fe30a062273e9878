<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Export\PlatePictures;
use Core\Plate\Draughtsman;
use Core\Plate\NeutralPlate;
use Core\Plate\Plate as CorePlate;
use Core\Plate\ZoneState;
use Core\Standard\Extent;
use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Standard\Technique;
use Core\Standard\TechniqueGroup;
use Core\Standard\TechniqueUse;

/**
 * A proof plate: zones as the core made them, and the picture of them.
 *
 * @phpstan-import-type PlatePicture from PlatePictures
 *
 * @phpstan-type PlateZone array{
 *   zone: string,
 *   hex: string,
 *   lightness: float,
 *   uses: list<string>,
 *   softness: float,
 *   cover: float,
 *   texture: string|null,
 * }
 * @phpstan-type Plate array{
 *   tier: string,
 *   surface: string,
 *   span: float,
 *   picture: PlatePicture,
 *   zones: list<PlateZone>,
 * }
 */
final readonly class PlateParts
{
    public function __construct(private Standard $standard)
    {
    }

    /** @return Plate|null null where nothing is asked */
    public function of(string $tier, string $surface): ?array
    {
        $requirement = $this->standard->requirement($tier, $surface);

        return $requirement === null || $requirement->asksNothing() ? null : $this->plate($requirement);
    }

    /**
     * What each extent means on a surface: a technique over a plain lay-in, from a few spots to everywhere.
     *
     * @return list<Plate>
     */
    public function extents(string $surface, string $technique): array
    {
        $layIns = array_filter($this->standard->techniques, static fn (Technique $one): bool => $one->group === TechniqueGroup::LayIn && $one->id !== $technique);
        $base = array_map(static fn (Technique $one): TechniqueUse => new TechniqueUse('base', [$one->id]), array_slice($layIns, 0, 1));

        return array_map(fn (Extent $extent): array => $this->plate(new Requirement(
            $extent->value,
            $this->standard->surface($surface)->id,
            [...$base, new TechniqueUse('use', [$this->standard->technique($technique)->id], extent: $extent)],
        )), Extent::cases());
    }

    /** @return Plate */
    private function plate(Requirement $requirement): array
    {
        return $this->drawn($requirement->tier, $requirement->surface, (new NeutralPlate($this->standard))->of($requirement->surface, $requirement->included(), $this->standard->hasTier($requirement->tier) ? $requirement->tier : null));
    }

    /** @return Plate */
    public function drawn(string $tier, string $surface, CorePlate $plate): array
    {
        $drawing = (new Draughtsman)->draw($plate, $this->standard->surface($surface)->drawnAs());

        return [
            'tier' => $tier,
            'surface' => $surface,
            'span' => round($plate->span, 1),
            'picture' => PlatePictures::show($drawing),
            'zones' => self::zones($plate),
        ];
    }

    /** @return list<PlateZone> */
    private static function zones(CorePlate $plate): array
    {
        return array_map(static fn (ZoneState $zone): array => [
            'zone' => $zone->zone->value, 'hex' => $zone->colour->hex(), 'lightness' => round($zone->colour->lightness(), 1), 'uses' => $zone->uses,
            'softness' => $zone->softness, 'cover' => round($zone->cover, 3), 'texture' => $zone->texture?->value,
        ], $plate->zones);
    }
}
