<?php

declare(strict_types=1);

namespace App\Export;

/** Pages set as PDF, each once: the same page lies there already. */
final readonly class PdfFiles
{
    public function __construct(private MadeFiles $files)
    {
    }

    /** @return string path among what was made ({@see MadeFiles}) */
    public function of(string $html): string
    {
        $path = 'papers/'.MadeFiles::name($html).'.pdf';
        if (! $this->files->has($path)) {
            $this->files->write($path, Pdf::of($html));
        }

        return $path;
    }
}
