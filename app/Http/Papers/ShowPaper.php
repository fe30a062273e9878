<?php

declare(strict_types=1);

namespace App\Http\Papers;

use App\Models\Paper;

/** How far a paper is. */
final readonly class ShowPaper
{
    public function __invoke(PaperRequest $request, Paper $paper): PaperResource
    {
        return new PaperResource($paper);
    }
}
