<?php

declare(strict_types=1);

namespace App\Export;

use App\Actions\Schemes\ReadScheme;
use App\Actions\Schemes\SchemeReading;
use Core\Composition\ComposedUse;
use Core\Plate\Draughtsman;
use Core\Plate\Drawing;
use Core\Plate\Palette;
use Core\Plate\PlateMaker;
use Core\Scheme\PlateColours;
use Core\Standard\Standard;
use Core\Standard\TechniqueUse;
use Core\Standard\Tier;

/**
 * Every surface of a figure in the colours of a scheme, tier beside tier, as a page that can be sent to a client.
 */
final readonly class ProofSheet
{
    /** The figure as one has no surface to show. */
    private const WHOLE = 'whole';

    /** A plate is small on the page. */
    private const ZOOM = 1.1;

    public function __construct(
        private SvgPictures $pictures,
        private string $studio,
    ) {
    }

    public function of(SchemeReading $reading): string
    {
        $tiers = array_values(array_filter($reading->standard->tiersByRank(), static fn (Tier $tier): bool => ! $tier->retired));
        $rows = $this->rows($reading, $tiers);
        $drawings = array_merge([], ...array_map(static fn (array $row): array => $row['drawings'], $rows));
        $plates = $this->pictures->png(array_map(PlateSvg::of(...), array_filter($drawings)), self::ZOOM);
        $body = '';
        foreach ($rows as $at => $row) {
            $body .= self::row($row, array_map(static fn (int $column): ?string => $plates[$at * count($tiers) + $column] ?? null, array_keys($tiers)));
        }

        return Pdf::of($this->page($reading, $tiers, $body));
    }

    /**
     * @param  list<Tier>  $tiers
     * @return list<array{name: string, surface: string, drawings: list<Drawing|null>}>
     */
    private function rows(SchemeReading $reading, array $tiers): array
    {
        $rows = [];
        foreach ($reading->figure->type->areas as $area) {
            if ($area->area->surface === self::WHOLE) {
                continue;
            }
            $drawings = [];
            foreach ($tiers as $tier) {
                $uses = ReadScheme::compose($reading->standard, $reading->figure->type, $tier)->usesOn($area->area->id);
                $ladder = $reading->ladders->tier($reading->type, $area->area->id, $uses, $reading->standard, $tier->id);
                $drawings[] = $uses === [] ? null : self::drawing($reading->standard, $area->area->surface, $uses, $ladder === null ? Palette::neutral() : PlateColours::of($ladder));
            }
            $rows[] = ['name' => $area->area->id, 'surface' => $reading->standard->surface($area->area->surface)->name, 'drawings' => $drawings];
        }

        return $rows;
    }

    /** @param  list<ComposedUse>  $uses */
    private static function drawing(Standard $standard, string $surface, array $uses, Palette $palette): Drawing
    {
        $plate = (new PlateMaker($standard))->make(array_map(static fn (ComposedUse $use): TechniqueUse => $use->use, $uses), $palette);

        return (new Draughtsman)->draw($plate, $standard->surface($surface)->drawnAs());
    }

    /** @param  list<Tier>  $tiers */
    private function page(SchemeReading $reading, array $tiers, string $rows): string
    {
        $heads = implode('', array_map(static fn (Tier $tier): string => '<th>'.e($tier->name).'</th>', $tiers));
        $about = "{$this->studio}, {$reading->figure->type->name}, {$reading->standard->name} {$reading->standard->version}";

        return '<html><head><style>'
            .'@page { margin: 14mm 12mm } body { font-family: "DejaVu Sans"; font-size: 8pt; color: #141414 } h1 { font-size: 18pt; margin: 0 } p { margin: 0 0 2mm } .quiet { color: #5a5a5a }'
            .'table { width: 100%; border-collapse: collapse } th, td { text-align: left; vertical-align: top; padding: 1.2mm 1mm; border-bottom: .4pt solid #bdbdbd; font-weight: normal } thead th { font-weight: bold; border-bottom: .8pt solid #141414 }'
            .'tr { page-break-inside: avoid } td.plate div { background: #9e9e9e; font-size: 0; line-height: 0 } td.plate img { width: 100% }'
            .'</style></head><body><h1>'.e($reading->scheme->name).'</h1><p class="quiet">'.e($about).'</p>'
            ."<table><thead><tr><th></th>{$heads}</tr></thead><tbody>{$rows}</tbody></table>"
            .'<p class="quiet" style="margin-top: 3mm">Colours under D65 daylight. Mixes are forecasts; plates show how a surface comes out, not the figure itself.</p></body></html>';
    }

    /**
     * @param  array{name: string, surface: string, drawings: list<Drawing|null>}  $row
     * @param  list<string|null>  $plates as PNG
     */
    private static function row(array $row, array $plates): string
    {
        $cells = array_map(
            static fn (?string $plate): string => $plate === null ? '<td class="quiet">not asked for</td>' : '<td class="plate"><div><img src="data:image/png;base64,'.base64_encode($plate).'"></div></td>',
            $plates,
        );

        return '<tr><th><b>'.e($row['name']).'</b><br><span class="quiet">'.e($row['surface']).'</span></th>'.implode('', $cells).'</tr>';
    }
}
