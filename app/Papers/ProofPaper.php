<?php

declare(strict_types=1);

namespace App\Papers;

use App\Actions\FigureTypes\DrawnSides;
use App\Actions\Schemes\ReadScheme;
use App\Export\ProofSheet;
use App\Models\Paper;
use App\Models\Scheme;
use App\Models\Studio;

/** The proof plates of a figure in a scheme's colours. */
final readonly class ProofPaper implements Maker
{
    public function __construct(
        private ReadScheme $reading,
        private ProofSheet $paper,
        private DrawnSides $sides,
    ) {
    }

    public function page(Paper $paper, callable $told): string
    {
        $reading = $this->reading->handle(Scheme::query()->findOrFail($paper->subject['scheme']), (string) $paper->subject['type'], null);

        return $this->paper->page($reading, Studio::query()->findOrFail($paper->studio_id)->name, $this->sides->shown($reading->type), $told);
    }
}
