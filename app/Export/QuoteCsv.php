<?php

declare(strict_types=1);

namespace App\Export;

use App\Actions\Quotes\QuoteContent;

/**
 * Lines and sums of a quote as CSV (RFC 4180), amounts with the decimals of the currency.
 *
 * @phpstan-import-type OfferedContent from QuoteContent
 */
final readonly class QuoteCsv
{
    /** @param  OfferedContent  $content */
    public static function of(array $content): string
    {
        $amount = static fn (int $smallest): string => number_format($smallest / 10 ** $content['currency_decimals'], $content['currency_decimals'], '.', '');
        $lines = [['What', 'Figures', 'Type', 'Tier', "Each, {$content['currency']}", "All, {$content['currency']}"]];
        foreach ($content['lines'] as $line) {
            $lines[] = [$line['unit'], $line['figures'], $line['type'], $line['tier'], $amount($line['each']), $amount($line['sum'])];
        }
        foreach ($content['materials'] as $material) {
            $lines[] = [$material['words'], '', '', '', '', $amount($material['amount'])];
        }
        $sums = $content['sums'];
        $lines[] = ["Discount, {$sums['discount_percent']} %", '', '', '', '', $amount(-$sums['discount'])];
        $lines[] = ['Before tax', '', '', '', '', $amount($sums['net'])];
        $lines[] = [($sums['tax_name'] === '' ? 'Tax' : $sums['tax_name']).", {$sums['tax_percent']} %", '', '', '', '', $amount($sums['tax'])];
        $lines[] = ['Rounding', '', '', '', '', $amount($sums['rounding'])];
        $lines[] = ['To be paid', '', '', '', '', $amount($sums['total'])];

        return CsvText::of($lines);
    }
}
