<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Standards\StandardLibrary;
use App\Export\ComparisonPdf;
use App\Export\ComparisonSide;
use App\Export\SvgPictures;
use App\Http\Requests\ComparisonRequest;
use App\Models\StandardVersion;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** Two tiers side by side as PDF. */
final readonly class ExportComparison
{
    public function __construct(
        private StandardLibrary $library,
        private SvgPictures $pictures,
    ) {
    }

    public function __invoke(ComparisonRequest $request, StandardVersion $standardVersion): Response
    {
        $left = $this->library->of($standardVersion->id);
        $right = $this->library->of(($request->otherVersion() ?? $standardVersion)->id);
        $studio = $request->person()->studio;
        $pdf = (new ComparisonPdf($this->pictures, $studio->name, $studio->currency))->of(
            new ComparisonSide($left, $left->tier($request->leftTier())),
            new ComparisonSide($right, $right->tier($request->rightTier())),
        );

        return new Response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', 'comparison.pdf'),
        ]);
    }
}
