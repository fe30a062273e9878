<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Actions\Paints\PaintBook;
use App\Export\PaintList;
use App\Http\Shared\Answers;
use App\Http\Shared\Download;

/** The paints of the studio as CSV, or as a palette. */
#[Answers(type: 'text/plain; charset=UTF-8')]
final readonly class ExportPaints
{
    public function __construct(private PaintBook $paints)
    {
    }

    public function __invoke(PaintExportRequest $request): Download
    {
        $format = $request->string('format')->toString();
        $paints = array_values($this->paints->all());

        return new Download($format === 'gpl' ? PaintList::palette($paints, $request->person()->studio->name) : PaintList::csv($paints), "paints.{$format}");
    }
}
