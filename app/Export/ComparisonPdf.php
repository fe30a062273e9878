<?php

declare(strict_types=1);

namespace App\Export;

use Core\Composition\ReferenceWork;
use Core\NumberText;
use Core\Standard\Currency;
use Core\Standard\TechniqueUse;
use Core\Standard\UseWords;

/** Two tiers side by side, in a form that can be sent to a client: table, plates, hours, price. */
final readonly class ComparisonPdf
{
    public function __construct(
        private SvgPictures $pictures,
        private string $studio,
        private Currency $currency,
    ) {
    }

    /** @param  callable(int $drawn, int $of): void  $told how far its plates are drawn */
    public function page(ComparisonSide $left, ComparisonSide $right, callable $told): string
    {
        $surfaces = self::surfaces($left, $right);
        $plates = $this->pictures->png(self::pictures($surfaces, $left, $right), $told);
        $rows = '';
        foreach (array_keys($surfaces) as $i => $surface) {
            $sides = [[$left, $plates[2 * $i] ?? null], [$right, $plates[2 * $i + 1] ?? null]];
            $rows .= $this->row($surfaces[$surface], $sides, (string) $surface);
        }

        return $this->html($left, $right, $rows);
    }

    /** @return array<string, string> names under ids: those of the right side, then what only the left has */
    private static function surfaces(ComparisonSide $left, ComparisonSide $right): array
    {
        $surfaces = [];
        foreach ([...$right->standard->surfaces, ...$left->standard->surfaces] as $surface) {
            $surfaces[$surface->id] ??= $surface->name;
        }

        return $surfaces;
    }

    /**
     * @param  array<string, string>  $surfaces
     * @return array<int, SvgPicture> of those that have something to draw; a surface has the even number on the left
     */
    private static function pictures(array $surfaces, ComparisonSide $left, ComparisonSide $right): array
    {
        $drawings = [];
        foreach (array_keys($surfaces) as $surface) {
            array_push($drawings, $left->drawing((string) $surface), $right->drawing((string) $surface));
        }

        return array_map(PlatePictures::onPaper(...), array_filter($drawings));
    }

    private function html(ComparisonSide $left, ComparisonSide $right, string $rows): string
    {
        $title = "{$left->tier->name} and {$right->tier->name}";
        $version = $left->standard->version === $right->standard->version ? $left->standard->version : "{$left->standard->version} and {$right->standard->version}";

        return '<html><head><style>'
            .'@page { margin: 16mm 14mm } body { font-family: '.Pdf::TYPE.'; font-size: 9.5pt; font-weight: normal; color: #141414 } h1, h2 { font-family: '.Pdf::TYPE_OF_HEADS.' }'
            .'th { font-weight: normal } th.name { font-weight: bold } h1 { font-size: 20pt; margin: 0 } h2 { font-size: 14pt; margin: 0 0 2mm } p { margin: 0 0 1mm }'
            .'table { width: 100%; border-collapse: collapse; margin-top: 5mm } th, td { border-bottom: .6pt solid #141414; padding: 2mm; vertical-align: bottom; text-align: left; width: 42% }'
            .'th.name { width: 16%; vertical-align: top; background: #f1f1f1 } .plate { background: #9e9e9e; text-align: center; font-size: 0; line-height: 0; margin-bottom: 1.5mm; padding: .4mm 0 } .plate img { height: 27mm } .quiet { color: #5a5a5a } tr { page-break-inside: avoid }'
            .'</style></head><body><h1>'.e($title).'</h1><p class="quiet">'.e("{$this->studio}, {$left->standard->name} {$version}").'<br>Plates show how a surface comes out, in neutral colours; layers are listed from the lowest up. Hours are for a '.e($left->standard->reference->name ?? 'reference figure').'. Prices are not binding until agreed.</p>'
            .'<table><tr><th class="name"></th><th>'.$this->head($left).'</th><th>'.$this->head($right).'</th></tr>'.$rows.'</table></body></html>';
    }

    private function head(ComparisonSide $side): string
    {
        $judging = $side->tier->judging;
        $minutes = (new ReferenceWork($side->standard))->of($side->tier)->minutes;
        $lines = [
            $side->tier->terms->purpose === null ? '' : "Made {$side->tier->terms->purpose->inWords()}",
            sprintf('Looked at from %s mm; flaws from %.2f mm count', $judging->distanceMm, $judging->smallestNoticedMm()),
            NumberText::minutes($minutes).' of work on a '.($side->standard->reference->name ?? 'reference figure'),
            $this->price($side),
        ];

        return '<h2>'.e($side->tier->name).'</h2>'.implode('', array_map(static fn (string $line): string => $line === '' ? '' : '<p>'.e($line).'</p>', $lines));
    }

    private function price(ComparisonSide $side): string
    {
        $price = $side->tier->terms->price;
        if ($price === null) {
            return 'By agreement';
        }
        if ($price->hourly !== null) {
            return $this->currency->written($price->hourly).' an hour';
        }
        $list = array_map(fn (string $size, int $amount): string => "{$size} ".$this->currency->written($amount), array_keys($price->list), $price->list);

        return implode(' · ', $list);
    }

    /** @param  list<array{ComparisonSide, string|null}>  $sides with the plate as PNG */
    private function row(string $name, array $sides, string $surface): string
    {
        $cells = '';
        foreach ($sides as [$side, $plate]) {
            $picture = $plate === null ? '' : '<div class="plate"><img src="data:image/png;base64,'.base64_encode($plate).'"></div>';
            $cells .= "<td>{$picture}<div>{$this->stack($side, $surface)}</div></td>";
        }

        return '<tr><th class="name">'.e($name)."</th>{$cells}</tr>";
    }

    private function stack(ComparisonSide $side, string $surface): string
    {
        $requirement = $side->standard->hasSurface($surface) ? $side->standard->requirement($side->tier->id, $surface) : null;
        if ($requirement === null || $requirement->asksNothing()) {
            return '<span class="quiet">not asked for</span>';
        }

        return implode('<br>', array_map(static function (TechniqueUse $use) use ($side, $requirement): string {
            $names = UseWords::techniques($use, $side->standard);
            $degree = UseWords::degree($use);
            $menu = $requirement->menuOf($use->id);

            return ($menu === null ? '' : '<span class="quiet">to choose, '.e($menu->words()).':</span> ')
                .e($names).($degree === '' ? '' : ' <span class="quiet">'.e($degree).'</span>');
        }, $requirement->uses));
    }
}
