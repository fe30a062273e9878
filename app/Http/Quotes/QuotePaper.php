<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Export\QuotePdf;
use App\Http\Shared\Download;
use App\Models\Quote;

/** A quote as the file that lead and client keep. */
final readonly class QuotePaper
{
    public function __construct(private QuotePdf $pdf)
    {
    }

    public function of(Quote $quote): Download
    {
        return new Download($this->pdf->of($quote->content, $quote->agreed_by, $quote->agreed_at), "quote-{$quote->number}.pdf");
    }
}
