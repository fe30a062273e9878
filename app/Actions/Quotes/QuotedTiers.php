<?php

declare(strict_types=1);

namespace App\Actions\Quotes;

use Core\Standard\Menu;
use Core\Standard\Requirement;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;
use Core\Standard\Tier;
use Core\Standard\UseWords;

/**
 * What each tier of a quote includes, surface by surface, for those that its figures have; what is to choose is told from it.
 *
 * @phpstan-import-type QuotedTier from QuoteContent
 * @phpstan-import-type QuotedSurface from QuoteContent
 * @phpstan-import-type QuotedMenu from QuoteContent
 */
final readonly class QuotedTiers
{
    /** @return list<QuotedTier> by rank */
    public static function of(QuoteReading $reading): array
    {
        $surfaces = [];
        foreach ($reading->lines as $line) {
            foreach ($line->first()->figure->areas as $area) {
                $surfaces[$line->first()->figure->tierOf($area)][$area->surface] = true;
            }
        }
        $tiers = array_filter($reading->standard->tiersByRank(), static fn (Tier $tier): bool => isset($surfaces[$tier->id]));

        return array_values(array_map(static fn (Tier $tier): array => [
            'name' => $tier->name, 'made' => $tier->terms->purpose?->inWords() ?? '', 'distance_mm' => $tier->judging->distanceMm,
            'surfaces' => self::surfaces($reading->standard, $tier, $surfaces[$tier->id]),
        ], $tiers));
    }

    /**
     * @param  array<string, true>  $here by id
     * @return list<QuotedSurface> of which the tier asks something
     */
    private static function surfaces(Standard $standard, Tier $tier, array $here): array
    {
        $surfaces = [];
        foreach ($standard->surfaces as $surface) {
            $requirement = isset($here[$surface->id]) ? $standard->requirement($tier->id, $surface->id) : null;
            if ($requirement !== null && ! $requirement->asksNothing()) {
                $surfaces[] = [
                    'name' => $surface->name,
                    'included' => array_map(static fn (TechniqueUse $use): string => self::words($use, $standard), $requirement->included()),
                    'to_choose' => array_map(static fn (Menu $menu): array => self::menu($menu, $requirement, $standard), $requirement->menus),
                ];
            }
        }

        return $surfaces;
    }

    /** @return QuotedMenu */
    private static function menu(Menu $menu, Requirement $requirement, Standard $standard): array
    {
        $uses = array_filter($requirement->uses, static fn (TechniqueUse $use): bool => in_array($use->id, $menu->uses, true));

        return ['name' => $menu->name, 'choose' => $menu->choose, 'of' => array_values(array_map(static fn (TechniqueUse $use): string => self::words($use, $standard), $uses))];
    }

    private static function words(TechniqueUse $use, Standard $standard): string
    {
        $degree = UseWords::degree($use);

        return UseWords::techniques($use, $standard).($degree === '' ? '' : ", {$degree}");
    }
}
