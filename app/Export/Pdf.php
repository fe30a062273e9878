<?php

declare(strict_types=1);

namespace App\Export;

use Dompdf\Dompdf;
use Dompdf\Options;

/** HTML as PDF on A4, in the application's own type. Nothing is fetched: pictures stand in the page, fonts lie with the application. */
final readonly class Pdf
{
    /** Signs that its own type has not are taken from the library's. */
    public const TYPE = '"Archivo", "DejaVu Sans"';

    public const TYPE_OF_HEADS = '"Archivo Narrow", "DejaVu Sans"';

    private const FACES = [
        ['Archivo', 'normal', 'Archivo-Regular.ttf'],
        ['Archivo', 'bold', 'Archivo-Bold.ttf'],
        ['Archivo Narrow', 'bold', 'ArchivoNarrow-Bold.ttf'],
    ];

    public static function of(string $html): string
    {
        $options = new Options;
        $options->setIsRemoteEnabled(false);
        $options->setDefaultFont('DejaVu Sans');
        $options->setTempDir(sys_get_temp_dir());
        $options->setFontDir(self::folder());
        $options->setFontCache(self::folder());
        $options->setChroot([resource_path('fonts')]);
        $pdf = new Dompdf($options);
        foreach (self::FACES as [$family, $weight, $file]) {
            $pdf->getFontMetrics()->registerFont(['family' => $family, 'style' => 'normal', 'weight' => $weight], resource_path("fonts/{$file}"));
        }
        $pdf->setPaper('A4');
        $pdf->loadHtml($html, 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }

    /** Where the library keeps what it has measured of the fonts. */
    private static function folder(): string
    {
        $folder = storage_path('framework/cache/fonts');
        if (! is_dir($folder)) {
            @mkdir($folder, 0700, true);
        }

        return $folder;
    }
}
