<?php

declare(strict_types=1);

namespace App\Http\Repairs;

use App\Http\Shared\AnybodyRequest;

/** What may go wrong at the bench. */
final readonly class ListMishapKinds
{
    public function __invoke(AnybodyRequest $request): MishapKindsResource
    {
        return new MishapKindsResource;
    }
}
