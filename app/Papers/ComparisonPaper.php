<?php

declare(strict_types=1);

namespace App\Papers;

use App\Actions\Standards\StandardLibrary;
use App\Export\ComparisonPdf;
use App\Export\ComparisonSide;
use App\Export\SvgPictures;
use App\Models\Paper;
use App\Models\Studio;
use Core\Standard\Currency;

/** Two tiers side by side, of one version or of two. */
final readonly class ComparisonPaper implements Maker
{
    public function __construct(
        private StandardLibrary $library,
        private SvgPictures $pictures,
    ) {
    }

    public function page(Paper $paper, callable $told): string
    {
        $of = $paper->subject;
        $studio = Studio::query()->findOrFail($paper->studio_id);

        return (new ComparisonPdf($this->pictures, $studio->name, Currency::of($studio->currency)))
            ->page($this->side((int) $of['left_version'], (string) $of['left']), $this->side((int) $of['right_version'], (string) $of['right']), $told);
    }

    private function side(int $version, string $tier): ComparisonSide
    {
        $standard = $this->library->of($version);

        return new ComparisonSide($standard, $standard->tier($tier));
    }
}
