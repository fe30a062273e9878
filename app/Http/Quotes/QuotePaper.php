<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Export\MadeFiles;
use App\Export\PdfFiles;
use App\Export\QuotePdf;
use App\Http\Shared\Download;
use App\Models\Quote;

/** A quote as the file that lead and client keep. */
final readonly class QuotePaper
{
    public function __construct(
        private QuotePdf $pdf,
        private PdfFiles $pdfs,
        private MadeFiles $files,
    ) {
    }

    public function of(Quote $quote): Download
    {
        return new Download((string) $this->files->read($this->pdfs->of($this->pdf->page($quote->content, $quote->agreed_by, $quote->agreed_at))), "quote-{$quote->number}.pdf");
    }
}
