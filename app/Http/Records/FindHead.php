<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Actions\SignOffs\ContainsHead;

/** Says whether the chain still contains a record with this number and seal. */
final readonly class FindHead
{
    public function __invoke(HeadRequest $request): HeadResource
    {
        $number = $request->integer('number');

        return new HeadResource($number, ContainsHead::fault($number, $request->string('hash')->toString()));
    }
}
