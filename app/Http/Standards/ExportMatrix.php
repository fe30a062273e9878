<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\StandardLibrary;
use App\Export\MatrixCsv;
use App\Http\Shared\AnybodyRequest;
use App\Models\StandardVersion;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** The matrix of a version for a spreadsheet. */
final readonly class ExportMatrix
{
    public function __construct(private StandardLibrary $library)
    {
    }

    public function __invoke(AnybodyRequest $request, StandardVersion $standardVersion): Response
    {
        $name = str_replace(['/', '\\', '%'], ' ', "{$standardVersion->standard->name} {$standardVersion->label}.csv");

        return new Response(MatrixCsv::of($this->library->of($standardVersion->id)), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', $name, 'matrix.csv'),
        ]);
    }
}
