<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Actions\Quotes\Offers;
use App\Http\Shared\Answers;
use App\Http\Shared\Download;

/** A quote as PDF, for who has its link. */
#[Answers(type: 'application/pdf')]
final readonly class ExportOffer
{
    public function __construct(private Offers $offers, private QuotePaper $papers)
    {
    }

    public function __invoke(string $token): Download
    {
        return $this->papers->of($this->offers->open($token));
    }
}
