<?php

declare(strict_types=1);

namespace App\Export;

use App\Actions\Quotes\OfferedPlates;
use App\Actions\Quotes\QuoteContent;
use Carbon\CarbonImmutable;
use Core\Standard\Currency;

/**
 * A quote as a paper for the client: what is painted at which tier for which price, what each tier includes, dates and terms.
 *
 * @phpstan-import-type OfferedContent from QuoteContent
 * @phpstan-import-type OfferedFigure from QuoteContent
 * @phpstan-import-type OfferedPlates_ from QuoteContent
 * @phpstan-import-type OfferedLine from QuoteContent
 * @phpstan-import-type QuotedTier from QuoteContent
 * @phpstan-import-type QuotedSurface from QuoteContent
 */
final readonly class QuotePdf
{
    /** Figures stand beside each other; more would be too small to be seen. */
    private const IN_A_ROW = 4;

    /** Pixels of a figure's picture for each of its own. */
    private const ZOOM = 1.5;

    private const PLATES_IN_A_ROW = 6;

    public function __construct(private SvgPictures $pictures)
    {
    }

    /** @param  OfferedContent  $content */
    public function page(array $content, ?string $agreedBy, ?CarbonImmutable $agreedAt): string
    {
        $currency = Currency::of($content['currency']);

        return '<html><head><style>'
            .'@page { margin: 16mm 14mm } body { font-family: '.Pdf::TYPE.'; font-size: 9.5pt; color: #141414 } h1, h2 { font-family: '.Pdf::TYPE_OF_HEADS.' } h1 { font-size: 20pt; margin: 0 } h2 { font-size: 14pt; margin: 7mm 0 2mm } p { margin: 0 0 1mm }'
            .'table { width: 100%; border-collapse: collapse } th, td { text-align: left; vertical-align: top; padding: 1.2mm 2mm; border-bottom: .4pt solid #cfcfcf; font-weight: normal } thead th { font-weight: bold; border-bottom: .8pt solid #141414 } .amount { text-align: right; white-space: nowrap }'
            .'tr { page-break-inside: avoid } .quiet { color: #5a5a5a } .total th, .total td { border-top: .8pt solid #141414; font-weight: bold } .surface { width: 28% } .figures td { width: 25%; border: 0; text-align: center } .figures img { max-width: 40mm; max-height: 55mm } .plates td { width: 16.6%; border: 0; text-align: center; padding: .6mm } .plates .of { text-align: left; padding-top: 3mm } .plates img { width: 28mm }'
            .'</style></head><body>'.self::head($content).$this->figures($content['figures']).$this->plates($content['plates'], $content['figures'] === []).self::lines($content, $currency).self::answer($content, $agreedBy, $agreedAt).self::tiers($content).'</body></html>';
    }

    /** @param  OfferedContent  $content */
    private static function head(array $content): string
    {
        $days = array_filter([
            $content['promised_for'] === null ? '' : "Promised for {$content['promised_for']}",
            $content['wished_for'] === null ? '' : "wished for by {$content['wished_for']}",
        ]);

        return '<h1>'.e("Quote {$content['number']}: {$content['job']['name']}").'</h1><p class="quiet">'
            .e("{$content['studio']} for {$content['job']['client']}, {$content['made']['on']}, by {$content['made']['by']}. Standard {$content['standard']['name']} {$content['standard']['version']}.").'<br>'
            .e("It can be agreed to until {$content['valid_until']} and binds nobody before.").($days === [] ? '' : '<br>'.e(ucfirst(implode('; ', $days)).'.')).($content['wishes'] === [] ? '' : '<br>'.e('As you wish: '.implode('; ', $content['wishes']).'.')).'</p>';
    }

    /** @param  list<OfferedFigure>  $figures of types that are laid out as pictures */
    private function figures(array $figures): string
    {
        if ($figures === []) {
            return '';
        }
        $pictures = $this->pictures->png(array_map(static fn (array $figure): SvgPicture => FigureSvg::of($figure['width'], $figure['height'], $figure['areas'], self::ZOOM), $figures));
        $cells = array_map(static fn (int $at, array $figure): string => '<td><img src="data:image/png;base64,'.base64_encode($pictures[$at]).'"><br><b>'.e($figure['type']).'</b><br><span class="quiet">'.e(implode(', ', $figure['units'])).'</span></td>', array_keys($figures), $figures);
        $rows = array_map(static fn (array $row): string => '<tr>'.implode('', $row).str_repeat('<td></td>', self::IN_A_ROW - count($row)).'</tr>', array_chunk($cells, self::IN_A_ROW));

        return '<h2>In these colours</h2><table class="figures"><tbody>'.implode('', $rows).'</tbody></table>';
    }

    /** @param  list<OfferedPlates_>  $plates of types that are not */
    private function plates(array $plates, bool $headed): string
    {
        $drawings = array_merge(...array_map(static fn (array $one): array => array_column($one['areas'], 'drawing'), $plates));
        $pictures = $this->pictures->png(array_map(static fn (array $drawing): SvgPicture => PlatePictures::onPaper(OfferedPlates::drawn($drawing)), $drawings));
        $rows = '';
        $at = 0;
        foreach ($plates as $one) {
            $cells = '';
            foreach ($one['areas'] as $area) {
                $cells .= '<td><img src="data:image/png;base64,'.base64_encode($pictures[$at++]).'"><br><span class="quiet">'.e($area['area']).'</span></td>';
            }
            $rows .= '<tr><td class="of" colspan="'.self::PLATES_IN_A_ROW.'"><b>'.e("{$one['type']} at {$one['tier']}").'</b> <span class="quiet">'.e(implode(', ', $one['units'])).'</span></td></tr>'
                ."<tr>{$cells}".str_repeat('<td></td>', self::PLATES_IN_A_ROW - count($one['areas'])).'</tr>';
        }

        return $rows === '' ? '' : ($headed ? '<h2>In these colours</h2>' : '')."<table class=\"plates\"><tbody>{$rows}</tbody></table>";
    }

    /** @param  OfferedContent  $content */
    private static function lines(array $content, Currency $currency): string
    {
        $rows = implode('', array_map(static fn (array $line): string => '<tr><td><b>'.e($line['unit']).'</b>'.self::agreed($line, $currency).'</td><td>'.$line['figures'].'</td><td>'.e($line['type']).'</td><td>'.e($line['tier'])
            .'</td><td class="amount">'.$currency->written($line['each']).'</td><td class="amount">'.$currency->written($line['sum']).'</td></tr>', $content['lines']));
        foreach ($content['materials'] as $material) {
            $rows .= '<tr><td colspan="5">'.e($material['words']).'</td><td class="amount">'.$currency->written($material['amount']).'</td></tr>';
        }
        $sums = $content['sums'];
        foreach (array_filter([
            $sums['discount'] === 0 ? null : ["Discount, {$sums['discount_percent']} % of the work", -$sums['discount']],
            $sums['tax'] === 0 ? null : ['Before tax', $sums['net']],
            $sums['tax'] === 0 ? null : [($sums['tax_name'] === '' ? 'Tax' : $sums['tax_name']).", {$sums['tax_percent']} %", $sums['tax']],
            $sums['rounding'] === 0 ? null : ['Rounded', $sums['rounding']],
        ]) as [$words, $amount]) {
            $rows .= '<tr><td colspan="5">'.e($words).'</td><td class="amount">'.$currency->written($amount).'</td></tr>';
        }

        return '<h2>What it costs</h2><table><thead><tr><th>What</th><th>Figures</th><th>Type</th><th>Tier</th><th class="amount">Each</th><th class="amount">All</th></tr></thead>'
            ."<tbody>{$rows}<tr class=\"total\"><td colspan=\"5\">To be paid</td><td class=\"amount\">".$currency->written($sums['total']).'</td></tr></tbody></table>';
    }

    /** @param  OfferedLine  $line */
    private static function agreed(array $line, Currency $currency): string
    {
        $words = [];
        foreach ($line['added'] as $one) {
            $words[] = "with {$one['work']} on {$one['area']}".($one['price'] === null ? '' : ' (+ '.$currency->written($one['price']).')');
        }
        foreach ($line['left_out'] as $one) {
            $words[] = "without {$one['work']} on {$one['area']}".($one['price'] === null ? '' : ' (− '.$currency->written($one['price']).')');
        }

        return $words === [] ? '' : '<br><span class="quiet">'.e(implode('; ', $words)).'</span>';
    }

    /** @param  OfferedContent  $content */
    private static function answer(array $content, ?string $agreedBy, ?CarbonImmutable $agreedAt): string
    {
        return ($content['terms'] === '' ? '' : '<h2>Terms</h2><p>'.nl2br(e($content['terms'])).'</p>')
            .'<h2>Agreed</h2><p>'.($agreedBy === null ? 'Name and date: ______________________________' : e("{$agreedBy}, {$agreedAt?->toDateString()}")).'</p>';
    }

    /** @param  OfferedContent  $content */
    private static function tiers(array $content): string
    {
        return implode('', array_map(static fn (array $tier): string => '<h2>'.e("What {$tier['name']} includes").'</h2><p class="quiet">'
            .e(($tier['made'] === '' ? '' : "Made {$tier['made']}. ").sprintf('Looked at from %s cm.', round($tier['distance_mm'] / 10)).' Layers from the lowest up.').'</p><table><tbody>'
            .implode('', array_map(self::surface(...), $tier['surfaces'])).'</tbody></table>', $content['tiers']));
    }

    /** @param  QuotedSurface  $surface */
    private static function surface(array $surface): string
    {
        $choose = array_map(
            static fn (array $menu): string => '<br><span class="quiet">To choose, '.($menu['choose'] === null ? 'by agreement' : "{$menu['choose']} of").':</span> '.e(implode('; ', $menu['of'])),
            $surface['to_choose'],
        );

        return '<tr><th class="surface">'.e($surface['name']).'</th><td>'.e(implode('; ', $surface['included'])).implode('', $choose).'</td></tr>';
    }
}
