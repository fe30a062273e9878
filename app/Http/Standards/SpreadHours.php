<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\SpreadHours as SpreadHoursAction;
use App\Models\StandardVersion;

/** Shows the minutes of a tier's uses as they would be with a total spread over them. */
final readonly class SpreadHours
{
    public function __construct(private SpreadHoursAction $spreading)
    {
    }

    public function __invoke(HoursRequest $request, StandardVersion $standardVersion): HoursResource
    {
        return new HoursResource($this->spreading->handle($standardVersion, $request->string('tier')->toString(), $request->figureType(), $request->float('minutes')));
    }
}
