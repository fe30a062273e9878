<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\TakeFile;
use App\Http\Shared\Answers;

/** Takes a standard file as the draft. */
#[Answers(201)]
final readonly class TakeStandardFile
{
    public function __construct(private TakeFile $file)
    {
    }

    public function __invoke(StandardFileRequest $request): StandardRowResource
    {
        return new StandardRowResource($this->file->take($request->text(), $request->label()));
    }
}
