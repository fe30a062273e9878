<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Actions\Quotes\Offers;

/** A quote, for who has its link. */
final readonly class ShowOffer
{
    public function __construct(private Offers $offers)
    {
    }

    public function __invoke(string $token): OfferResource
    {
        return new OfferResource($this->offers->open($token));
    }
}
