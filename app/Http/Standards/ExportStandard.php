<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\StandardExport;
use App\Http\Shared\Answers;
use App\Http\Shared\AnybodyRequest;
use App\Http\Shared\Download;
use App\Models\StandardVersion;

/** One version as a file of the format `ordotype-standard/1`. */
#[Answers(type: Answers::JSON)]
final readonly class ExportStandard
{
    public function __invoke(AnybodyRequest $request, StandardVersion $standardVersion): Download
    {
        return new Download(StandardExport::json($standardVersion), 'standard.json');
    }
}
