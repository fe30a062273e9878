<?php

declare(strict_types=1);

namespace App\Papers;

use App\Actions\FigureTypes\DrawnSides;
use App\Actions\Schemes\ReadScheme;
use App\Export\ProofSheet;
use App\Models\Paper;
use App\Models\PaperKind;
use App\Models\Scheme;
use App\Models\Studio;
use App\Models\User;

/** The proof plates of a figure in a scheme's colours. */
final readonly class ProofPaper implements Maker
{
    public function __construct(
        private AskForPaper $asking,
        private ReadScheme $reading,
        private ProofSheet $paper,
        private DrawnSides $sides,
    ) {
    }

    /** @param  string|null  $type key of a figure type; null: the first of the force */
    public function ask(User $asks, Scheme $scheme, ?string $type): Paper
    {
        // What there is not is refused now and not by a paper that never comes.
        return $this->asking->handle($asks, PaperKind::Proof, ['scheme' => $scheme->id, 'type' => $this->reading->type($scheme, $type)]);
    }

    public function page(Paper $paper, callable $told): string
    {
        $reading = $this->reading->handle(Scheme::query()->findOrFail($paper->subject['scheme']), (string) $paper->subject['type'], null);

        return $this->paper->page($reading, Studio::query()->findOrFail($paper->studio_id)->name, $this->sides->shown($reading->type), $told);
    }
}
