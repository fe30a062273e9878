<?php

declare(strict_types=1);

namespace App\Http\Raises;

use App\Actions\Raises\OfferRaise;
use App\Models\SignOff;

/** What it would take to raise a signed figure. */
final readonly class ShowRaiseOffer
{
    public function __construct(private OfferRaise $offers)
    {
    }

    public function __invoke(RaiseOfferRequest $request, SignOff $signOff): RaiseOfferResource
    {
        return new RaiseOfferResource($this->offers->handle($signOff, $request->toTier(), $request->into()));
    }
}
