<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\Answers;
use App\Http\Shared\Download;
use App\Models\StandardVersion;

/** Two tiers side by side as PDF. */
#[Answers(type: 'application/pdf')]
final readonly class ExportComparison
{
    public function __construct(private ComparisonPresenter $comparisons)
    {
    }

    public function __invoke(ComparisonRequest $request, StandardVersion $standardVersion): Download
    {
        $pdf = $this->comparisons->paper($request)->of(...$this->comparisons->sides($request, $standardVersion));

        return new Download($pdf, 'comparison.pdf');
    }
}
