<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\StandardExport;
use App\Http\Shared\AnybodyRequest;
use App\Models\StandardVersion;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** One version as a file of the format `ordotype-standard/1`. */
final readonly class ExportStandard
{
    public function __invoke(AnybodyRequest $request, StandardVersion $standardVersion): Response
    {
        return new Response(StandardExport::json($standardVersion), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', 'standard.json', 'standard.json'),
        ]);
    }
}
