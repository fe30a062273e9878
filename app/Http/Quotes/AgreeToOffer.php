<?php

declare(strict_types=1);

namespace App\Http\Quotes;

use App\Actions\Quotes\Offers;

/** The client agrees, by name; the quote stays as it is from then on. */
final readonly class AgreeToOffer
{
    public function __construct(private Offers $offers)
    {
    }

    public function __invoke(AgreementRequest $request, string $token): OfferResource
    {
        return new OfferResource($this->offers->agree($token, $request->name()));
    }
}
