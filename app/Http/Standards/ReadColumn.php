<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\StandardLibrary;
use App\Import\ColumnText;
use App\Models\StandardVersion;

/** Reads a pasted column as cells of a tier; nothing is stored. */
final readonly class ReadColumn
{
    public function __construct(private StandardLibrary $library)
    {
    }

    public function __invoke(ColumnRequest $request, StandardVersion $standardVersion): ColumnResource
    {
        return new ColumnResource((new ColumnText($this->library->of($standardVersion->id)))->read($request->text()));
    }
}
