<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Export\QrCode;
use App\Http\Shared\Answers;
use App\Http\Shared\AnybodyRequest;
use App\Models\Unit;
use Illuminate\Http\Response;

/** A square code for paper, which leads to the sheets of a unit at the address under which the application is reached. */
#[Answers(type: 'image/svg+xml')]
final readonly class ShowUnitCode
{
    public function __invoke(AnybodyRequest $request, Unit $unit): Response
    {
        return new Response(QrCode::svg("{$request->root()}/bench?unit={$unit->id}"), 200, ['Content-Type' => 'image/svg+xml', 'Cache-Control' => 'private, max-age=86400']);
    }
}
