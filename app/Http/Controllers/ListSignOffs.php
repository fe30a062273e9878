<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AnybodyRequest;
use App\Http\Resources\SignOffsResource;
use App\Models\SignOff;

/** The sign-offs of the studio, the latest first. */
final readonly class ListSignOffs
{
    public function __invoke(AnybodyRequest $request): SignOffsResource
    {
        return new SignOffsResource(array_values(SignOff::query()->with(['figure.unit.job', 'signer'])->orderByDesc('number')->limit(1000)->get()->all()));
    }
}
