<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\ReadScheme;
use App\Export\ProofSheet;
use App\Models\Scheme;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** The proof plates of a figure in a scheme's colours as PDF. */
final readonly class ExportProofSheet
{
    public function __construct(
        private ReadScheme $reading,
        private ProofSheet $paper,
    ) {
    }

    public function __invoke(SchemeViewRequest $request, Scheme $scheme): Response
    {
        $pdf = $this->paper->of($this->reading->handle($scheme, $request->type(), null), $request->person()->studio->name);

        return new Response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', 'proof.pdf'),
        ]);
    }
}
