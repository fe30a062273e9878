<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Actions\Schemes\SubstitutePaint as Substituting;
use App\Models\Paint;

/** Lets a paint stand in for another, or shows what that would change. */
final readonly class SubstitutePaint
{
    public function __construct(private Substituting $substituting)
    {
    }

    public function __invoke(SubstitutionRequest $request, Paint $paint): SubstitutionResource
    {
        return new SubstitutionResource($this->substituting->handle($paint, $request->string('instead')->toString(), $request->boolean('take'), $request->person()));
    }
}
