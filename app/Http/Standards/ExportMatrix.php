<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\StandardLibrary;
use App\Export\MatrixCsv;
use App\Http\Shared\Answers;
use App\Http\Shared\AnybodyRequest;
use App\Http\Shared\Download;
use App\Models\StandardVersion;

/** The matrix of a version for a spreadsheet. */
#[Answers(type: 'text/csv; charset=UTF-8')]
final readonly class ExportMatrix
{
    public function __construct(private StandardLibrary $library)
    {
    }

    public function __invoke(AnybodyRequest $request, StandardVersion $standardVersion): Download
    {
        return new Download(MatrixCsv::of($this->library->of($standardVersion->id)), "{$standardVersion->standard->name} {$standardVersion->label}.csv", 'matrix.csv');
    }
}
