<?php

declare(strict_types=1);

namespace App\Export;

/** A figure as it is seen from one side, each area in its colour, on the grey that colours are judged against. */
final readonly class FigureSvg
{
    /** Where nobody has said a colour. */
    private const NO_COLOUR = '#c9c9c9';

    /**
     * @param  list<array{area: string, path: string, hex: string|null}>  $areas
     * @param  float  $zoom pixels for each of the figure's own
     */
    public static function of(int $width, int $height, array $areas, float $zoom): SvgPicture
    {
        $paths = array_map(static fn (array $area): string => sprintf('<path d="%s" fill="%s" fill-rule="evenodd"/>', e($area['path']), e($area['hex'] ?? self::NO_COLOUR)), $areas);

        return new SvgPicture(sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%1$d" height="%2$d" viewBox="0 0 %1$d %2$d"><rect width="%1$d" height="%2$d" fill="%3$s"/>%4$s</svg>', $width, $height, PlateSvg::NEUTRAL, implode('', $paths)), max(1, (int) round($width * $zoom)));
    }
}
