<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Actions\Paints\PaintBook;
use App\Export\PaintList;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** The paints of the studio as CSV, or as a palette. */
final readonly class ExportPaints
{
    public function __construct(private PaintBook $paints)
    {
    }

    public function __invoke(PaintExportRequest $request): Response
    {
        $format = $request->string('format')->toString();
        $paints = array_values($this->paints->all());

        return new Response($format === 'gpl' ? PaintList::palette($paints, $request->person()->studio->name) : PaintList::csv($paints), 200, [
            'Content-Type' => 'text/plain; charset=UTF-8',
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', "paints.{$format}"),
        ]);
    }
}
