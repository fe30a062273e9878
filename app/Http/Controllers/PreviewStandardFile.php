<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Standards\TakeFile;
use App\Http\Requests\StandardFileRequest;
use App\Http\Resources\StandardFileResource;

/** Reads a standard file and shows what it would change; nothing is stored. */
final readonly class PreviewStandardFile
{
    public function __construct(private TakeFile $file)
    {
    }

    public function __invoke(StandardFileRequest $request): StandardFileResource
    {
        return new StandardFileResource(...$this->file->read($request->text()));
    }
}
