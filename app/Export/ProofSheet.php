<?php

declare(strict_types=1);

namespace App\Export;

use App\Actions\Schemes\SchemeReading;
use App\Actions\Schemes\SurfacePlate;
use App\Models\FigureMap;
use Core\Plate\Draughtsman;
use Core\Plate\Drawing;
use Core\Standard\Standard;
use Core\Standard\Tier;

/**
 * Every surface of a figure in the colours of a scheme, tier beside tier, as a page that can be sent to a client.
 */
final readonly class ProofSheet
{
    /** A figure is as wide as a plate, and drawn in places of its picture. */
    private const ZOOM_OF_FIGURE = 0.8;

    public function __construct(private SvgPictures $pictures)
    {
    }

    /**
     * @param  FigureMap|null  $side of the figure that is shown; null where its type is not laid out
     * @param  callable(int $drawn, int $of): void  $told how far its plates are drawn
     */
    public function page(SchemeReading $reading, string $studio, ?FigureMap $side, callable $told): string
    {
        $plates = $reading->plates();
        $pictures = $this->pictures->png(self::pictures($reading->standard, $plates), $told);
        $tiers = $reading->standard->offeredTiers();
        $rows = $side === null ? '' : $this->figures($side, $plates, $tiers);
        foreach (array_chunk($plates, max(1, count($tiers)), true) as $row) {
            $rows .= self::row($reading->standard, $row, $pictures);
        }

        return self::html($reading, $studio, $tiers, $rows);
    }

    /**
     * The figure itself, tier beside tier, each area in the one tone that it is seen in.
     *
     * @param  list<SurfacePlate>  $plates
     * @param  list<Tier>  $tiers
     */
    private function figures(FigureMap $side, array $plates, array $tiers): string
    {
        $tones = [];
        foreach ($plates as $one) {
            $tones[$one->tier->id][$one->area->area->id] = $one->ladder?->tone?->hex();
        }
        $pictures = $this->pictures->png(array_map(static fn (Tier $tier): SvgPicture => FigureSvg::of($side->width, $side->height, array_map(
            static fn (array $area): array => ['area' => $area['area'], 'path' => $area['path'], 'hex' => $tones[$tier->id][$area['area']] ?? null],
            $side->drawn(),
        ), self::ZOOM_OF_FIGURE), $tiers));
        $cells = implode('', array_map(static fn (int $at): string => '<td class="figure"><img src="data:image/png;base64,'.base64_encode($pictures[$at]).'"></td>', array_keys($tiers)));

        return "<tr><th><b>figure</b><br><span class=\"quiet\">from {$side->side->value}, each area in its tone</span></th>{$cells}</tr>";
    }

    /**
     * @param  list<SurfacePlate>  $plates
     * @return array<int, SvgPicture> of those that have something to draw, under the keys of the plates
     */
    private static function pictures(Standard $standard, array $plates): array
    {
        return array_map(PlatePictures::onPaper(...), array_filter(array_map(static fn (SurfacePlate $one): ?Drawing => self::drawing($standard, $one), $plates)));
    }

    private static function drawing(Standard $standard, SurfacePlate $one): ?Drawing
    {
        return $one->plate === null ? null : (new Draughtsman)->draw($one->plate, $standard->surface($one->area->area->surface)->drawnAs());
    }

    /** @param  list<Tier>  $tiers */
    private static function html(SchemeReading $reading, string $studio, array $tiers, string $rows): string
    {
        $heads = implode('', array_map(static fn (Tier $tier): string => '<th>'.e($tier->name).'</th>', $tiers));
        $about = "{$studio}, {$reading->figure->type->name}, {$reading->standard->name} {$reading->standard->version}";

        return '<html><head><style>'
            .'@page { margin: 14mm 12mm } body { font-family: '.Pdf::TYPE.'; font-size: 9pt; color: #141414 } h1 { font-family: '.Pdf::TYPE_OF_HEADS.'; font-size: 20pt; margin: 0 } p { margin: 0 0 2mm } .quiet { color: #5a5a5a }'
            .'table { width: 100%; border-collapse: collapse } th, td { text-align: left; vertical-align: top; padding: .8mm 1mm; font-weight: normal } thead th { font-weight: bold; border-bottom: .8pt solid #141414 }'
            .'tr { page-break-inside: avoid } td.plate div { background: #9e9e9e; font-size: 0; line-height: 0; padding: .2mm 0 } td.plate img, td.figure img { width: 100% }'
            .'</style></head><body><h1>'.e($reading->scheme->name).'</h1><p class="quiet">'.e($about).'<br>Colours under D65 daylight. Mixes are forecasts; plates show how a surface comes out, not the figure itself.</p>'
            // What is to be known of it stands at the head: below the table it would have a page of its own.
            ."<table><thead><tr><th></th>{$heads}</tr></thead><tbody>{$rows}</tbody></table></body></html>";
    }

    /**
     * @param  non-empty-array<int, SurfacePlate>  $row of one area
     * @param  array<int, string>  $pictures PNG, under the keys of the plates
     */
    private static function row(Standard $standard, array $row, array $pictures): string
    {
        $cells = array_map(
            static fn (int $at): string => isset($pictures[$at]) ? '<td class="plate"><div><img src="data:image/png;base64,'.base64_encode($pictures[$at]).'"></div></td>' : '<td class="quiet">not asked for</td>',
            array_keys($row),
        );
        $area = $row[array_key_first($row)]->area->area;

        return '<tr><th><b>'.e($area->id).'</b><br><span class="quiet">'.e($standard->surface($area->surface)->name).'</span></th>'.implode('', $cells).'</tr>';
    }
}
