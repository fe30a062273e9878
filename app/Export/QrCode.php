<?php

declare(strict_types=1);

namespace App\Export;

use App\Refusals\Unavailable;
use Symfony\Component\Process\Process;

/** A text as a square code, drawn by qrencode. */
final readonly class QrCode
{
    /** @return string SVG */
    public static function svg(string $text): string
    {
        $process = new Process(['qrencode', '-t', 'SVG', '-l', 'M', '-m', '2', '-o', '-']);
        // By standard input, so that the secret stands in no list of processes.
        $process->setInput($text);
        $process->run();
        if (! $process->isSuccessful()) {
            throw Unavailable::because('no-qrencode', 'The picture cannot be drawn here; type the letters into the app instead.');
        }

        return $process->getOutput();
    }
}
