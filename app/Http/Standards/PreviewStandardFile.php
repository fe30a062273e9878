<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\TakeFile;

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
