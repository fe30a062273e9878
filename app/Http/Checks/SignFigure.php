<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Actions\SignOffs\SignFigure as SignFigureAction;
use App\Http\Records\SignOffResource;
use App\Http\Shared\Answers;
use App\Models\Check;

/** Signs a figure off. */
#[Answers(201)]
final readonly class SignFigure
{
    public function __construct(private SignFigureAction $signing)
    {
    }

    public function __invoke(CheckVersionRequest $request, Check $check): SignOffResource
    {
        return new SignOffResource($this->signing->handle($check, $request->versionRead(), $request->person())->load(['figure.unit.job', 'signer']));
    }
}
