<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Actions\Paints\ImportPaints;

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
