<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use Core\Scheme\NextStep;

/** How a ladder that is being written goes on; nothing is stored. */
final readonly class SuggestStep
{
    public function __invoke(NextStepRequest $request): NextStepResource
    {
        return new NextStepResource(NextStep::after($request->steps()));
    }
}
