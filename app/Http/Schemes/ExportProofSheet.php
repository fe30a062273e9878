<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\FigureTypes\DrawnSides;
use App\Actions\Schemes\ReadScheme;
use App\Export\ProofSheet;
use App\Http\Shared\Answers;
use App\Http\Shared\Download;
use App\Models\Scheme;

/** The proof plates of a figure in a scheme's colours as PDF. */
#[Answers(type: 'application/pdf')]
final readonly class ExportProofSheet
{
    public function __construct(
        private ReadScheme $reading,
        private ProofSheet $paper,
        private DrawnSides $sides,
    ) {
    }

    public function __invoke(SchemeViewRequest $request, Scheme $scheme): Download
    {
        $reading = $this->reading->handle($scheme, $request->type(), null);
        $pdf = $this->paper->of($reading, $request->person()->studio->name, $this->sides->shown($reading->type));

        return new Download($pdf, 'proof.pdf');
    }
}
