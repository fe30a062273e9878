<?php

declare(strict_types=1);

namespace App\Export;

use App\Actions\Quotes\QuoteContent;

/**
 * A figure as it is seen from one side, each area in its colour, on the grey that colours are judged against.
 *
 * @phpstan-import-type OfferedFigure from QuoteContent
 */
final readonly class FigureSvg
{
    /** Where nobody has said a colour. */
    private const NO_COLOUR = '#c9c9c9';

    /** @param  OfferedFigure  $figure */
    public static function of(array $figure): string
    {
        $areas = array_map(static fn (array $area): string => sprintf('<path d="%s" fill="%s" fill-rule="evenodd"/>', e($area['path']), e($area['hex'] ?? self::NO_COLOUR)), $figure['areas']);

        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%1$d" height="%2$d" viewBox="0 0 %1$d %2$d"><rect width="%1$d" height="%2$d" fill="%3$s"/>%4$s</svg>', $figure['width'], $figure['height'], PlateSvg::NEUTRAL, implode('', $areas));
    }
}
