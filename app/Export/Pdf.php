<?php

declare(strict_types=1);

namespace App\Export;

use Dompdf\Dompdf;
use Dompdf\Options;

/** HTML as PDF on A4. Nothing is fetched: pictures stand in the page, fonts come with the library. */
final readonly class Pdf
{
    public static function of(string $html): string
    {
        $options = new Options;
        $options->setIsRemoteEnabled(false);
        $options->setDefaultFont('DejaVu Sans');
        $options->setTempDir(sys_get_temp_dir());
        $options->setFontCache(storage_path('framework/cache'));
        $pdf = new Dompdf($options);
        $pdf->setPaper('A4');
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }
}
