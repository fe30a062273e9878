<?php

declare(strict_types=1);

namespace Core\Listing;

/** Shares of the body from what was said: a share where one was given, and what is left by weight. */
final readonly class ListedShares
{
    /** Shares are given in percent, which are rounded: a half of one more or less is no mistake. */
    private const ROUNDING = 0.005;

    /**
     * @param  non-empty-list<ListedArea>  $areas
     * @return non-empty-list<float> in the same order
     *
     * @throws SharesDoNotFit if they do not make up the body once
     */
    public static function of(array $areas, string $at = ''): array
    {
        $given = $weights = 0.0;
        $firstWeighed = null;
        foreach ($areas as $i => $area) {
            if ($area->size instanceof AreaWeight) {
                $weights += $area->size->weight();
                $firstWeighed ??= $i;
            } else {
                $given += $area->size;
            }
        }
        if ($given > 1 + self::ROUNDING) {
            throw SharesDoNotFit::over($given, $at);
        }
        if ($firstWeighed === null && $given < 1 - self::ROUNDING) {
            throw SharesDoNotFit::under($given, $at);
        }
        $left = 1 - $given;
        if ($firstWeighed !== null && $left < self::ROUNDING) {
            throw SharesDoNotFit::nothingLeft($areas[$firstWeighed]->name, "{$at}/{$firstWeighed}/weight");
        }

        return array_map(static fn (ListedArea $area): float => $area->size instanceof AreaWeight ? $left * $area->size->weight() / $weights : $area->size, $areas);
    }
}
