<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Schemes\ReadScheme;
use App\Export\ProofSheet;
use App\Export\SvgPictures;
use App\Http\Requests\SchemeViewRequest;
use App\Models\Scheme;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** The proof plates of a figure in a scheme's colours as PDF. */
final readonly class ExportProofSheet
{
    public function __construct(
        private ReadScheme $reading,
        private SvgPictures $pictures,
    ) {
    }

    public function __invoke(SchemeViewRequest $request, Scheme $scheme): Response
    {
        $pdf = (new ProofSheet($this->pictures, $request->person()->studio->name))->of($this->reading->handle($scheme, $request->type(), null));

        return new Response($pdf, 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', 'proof.pdf'),
        ]);
    }
}
