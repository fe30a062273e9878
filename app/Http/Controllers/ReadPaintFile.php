<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Paints\ImportPaints;
use App\Http\Requests\PaintFileRequest;
use App\Http\Resources\PaintFileResource;

/** Takes paints from a file, or shows what it would bring. */
final readonly class ReadPaintFile
{
    public function __construct(private ImportPaints $importing)
    {
    }

    public function __invoke(PaintFileRequest $request): PaintFileResource
    {
        return new PaintFileResource($this->importing->handle($request->text(), $request->boolean('take')));
    }
}
