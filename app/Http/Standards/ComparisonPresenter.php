<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\StandardLibrary;
use App\Export\ComparisonPdf;
use App\Export\ComparisonSide;
use App\Export\SvgPictures;
use App\Models\StandardVersion;
use Core\Standard\Currency;

/** The two sides that a request to compare names, and the paper they stand on. */
final readonly class ComparisonPresenter
{
    public function __construct(
        private StandardLibrary $library,
        private SvgPictures $pictures,
    ) {
    }

    /** The paper of the studio that asks. */
    public function paper(ComparisonRequest $request): ComparisonPdf
    {
        $studio = $request->person()->studio;

        return new ComparisonPdf($this->pictures, $studio->name, Currency::of($studio->currency));
    }

    /** @return array{ComparisonSide, ComparisonSide} */
    public function sides(ComparisonRequest $request, StandardVersion $version): array
    {
        $left = $this->library->of($version->id);
        $right = $this->library->of(($request->otherVersion() ?? $version)->id);

        return [new ComparisonSide($left, $left->tier($request->leftTier())), new ComparisonSide($right, $right->tier($request->rightTier()))];
    }
}
