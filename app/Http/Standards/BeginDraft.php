<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\BeginDraft as Beginning;
use App\Http\Shared\Answers;

/** Begins a draft. */
#[Answers(201)]
final readonly class BeginDraft
{
    public function __construct(private Beginning $beginning)
    {
    }

    public function __invoke(BeginDraftRequest $request): StandardRowResource
    {
        $from = $request->from();

        return new StandardRowResource($from === null
            ? $this->beginning->fromLadder($request->ladder(), $request->label())
            : $this->beginning->from($from, $request->label()));
    }
}
