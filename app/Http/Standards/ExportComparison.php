<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Models\StandardVersion;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** Two tiers side by side as PDF. */
final readonly class ExportComparison
{
    public function __construct(private ComparisonPresenter $comparisons)
    {
    }

    public function __invoke(ComparisonRequest $request, StandardVersion $standardVersion): Response
    {
        $pdf = $this->comparisons->paper($request)->of(...$this->comparisons->sides($request, $standardVersion));

        return new Response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', 'comparison.pdf'),
        ]);
    }
}
