<?php

declare(strict_types=1);

namespace App\Actions\Standards;

use Core\Standard\StandardReader;
use Core\Standard\TechniqueReader;

/**
 * The columns of surfaces, techniques and tiers, from their documents: what a query may ask for has a
 * column of its own, other optional members are kept together. What was left out is null.
 *
 * @phpstan-import-type SurfaceDocument from StandardReader
 * @phpstan-import-type TechniqueDocument from TechniqueReader
 * @phpstan-import-type TierDocument from StandardReader
 */
final readonly class PieceRows
{
    private const OF_SURFACE = ['note', 'group', 'plate', 'schools'];

    private const OF_TECHNIQUE = ['texture', 'sheen', 'thinning', 'tool', 'caution', 'note', 'prone_to', 'comes_after', 'comes_before'];

    private const OF_TIER = ['purpose', 'value_span', 'price', 'sampling', 'photograph', 'checked_by', 'note'];

    /**
     * @param  SurfaceDocument  $surface
     * @return array<string, mixed>
     */
    public static function surface(array $surface): array
    {
        return [
            'key' => $surface['id'], 'name' => $surface['name'], 'needs_lay_in' => $surface['needs_lay_in'] ?? null,
            'optional' => self::optional($surface, self::OF_SURFACE),
        ];
    }

    /**
     * @param  TechniqueDocument  $technique
     * @return array<string, mixed>
     */
    public static function technique(array $technique): array
    {
        return [
            'key' => $technique['id'], 'name' => $technique['name'], 'group' => $technique['group'], 'opacity' => $technique['opacity'],
            'lies_on' => $technique['lies_on'] ?? null, 'dry' => $technique['dry'] ?? null, 'messy' => $technique['messy'] ?? null,
            'names_replaced' => isset($technique['replaces']), 'optional' => self::optional($technique, self::OF_TECHNIQUE),
        ];
    }

    /**
     * @param  TierDocument  $tier
     * @return array<string, mixed>
     */
    public static function tier(array $tier): array
    {
        return [
            'key' => $tier['id'], 'name' => $tier['name'], 'rank' => $tier['rank'], 'distance_mm' => $tier['distance_mm'],
            'sides' => json_encode($tier['sides'], JSON_THROW_ON_ERROR), 'look_minutes' => $tier['look_minutes'],
            'limit_critical' => $tier['limits']['critical'], 'limit_major' => $tier['limits']['major'], 'limit_minor' => $tier['limits']['minor'],
            'colour_tolerance' => $tier['colour_tolerance'], 'notice_arcmin' => $tier['notice_arcmin'] ?? null, 'budget_minutes' => $tier['budget_minutes'],
            'by_agreement' => $tier['by_agreement'], 'retired' => $tier['retired'], 'optional' => self::optional($tier, self::OF_TIER),
        ];
    }

    /**
     * Those of the members that are given, as JSON; null when none is.
     *
     * @param  array<array-key, mixed>  $document
     * @param  list<string>  $members
     */
    public static function optional(array $document, array $members): ?string
    {
        $given = array_intersect_key($document, array_flip($members));

        return $given === [] ? null : json_encode($given, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION);
    }
}
