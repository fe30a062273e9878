<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Actions\SignOffs\SignedWeeks;
use App\Http\Shared\AnybodyRequest;
use Carbon\CarbonImmutable;

/** What was signed off week by week. */
final readonly class ListSignedWeeks
{
    public function __construct(private SignedWeeks $weeks)
    {
    }

    public function __invoke(AnybodyRequest $request): SignedWeeksResource
    {
        return new SignedWeeksResource($this->weeks->until(CarbonImmutable::now()));
    }
}
