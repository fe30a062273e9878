<?php

declare(strict_types=1);

namespace App\Papers;

use App\Actions\Standards\StandardLibrary;
use App\Export\ComparisonPdf;
use App\Export\ComparisonSide;
use App\Export\SvgPictures;
use App\Models\Paper;
use App\Models\PaperKind;
use App\Models\StandardVersion;
use App\Models\Studio;
use App\Models\User;
use Core\Standard\Currency;

/** Two tiers side by side, of one version or of two. */
final readonly class ComparisonPaper implements Maker
{
    public function __construct(
        private AskForPaper $asking,
        private StandardLibrary $library,
        private SvgPictures $pictures,
    ) {
    }

    /**
     * @param  string  $left id of a tier
     * @param  string  $right likewise, of the other version
     */
    public function ask(User $asks, StandardVersion $version, string $left, StandardVersion $other, string $right): Paper
    {
        $this->side($version->id, $left);
        $this->side($other->id, $right);

        return $this->asking->handle($asks, PaperKind::Comparison, ['left' => $left, 'left_version' => $version->id, 'right' => $right, 'right_version' => $other->id]);
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
