<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Standards\TakeFile;
use App\Http\Requests\StandardFileRequest;
use App\Http\Resources\StandardRowResource;

/** Takes a standard file as the draft. */
final readonly class TakeStandardFile
{
    public function __construct(private TakeFile $file)
    {
    }

    public function __invoke(StandardFileRequest $request): StandardRowResource
    {
        return new StandardRowResource($this->file->take($request->text(), $request->label()), created: true);
    }
}
