<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Schemes\PasteRecipes;
use App\Actions\Schemes\ReadScheme;
use App\Http\Requests\PaintsByUseRequest;
use App\Http\Resources\SchemeResource;
use App\Http\Schemes;
use App\Models\Scheme;

/** Takes a list of paints by use into a scheme. */
final readonly class PastePaintsByUse
{
    public function __construct(
        private PasteRecipes $pasting,
        private ReadScheme $reading,
        private Schemes $schemes,
    ) {
    }

    public function __invoke(PaintsByUseRequest $request, Scheme $scheme): SchemeResource
    {
        $this->pasting->handle($scheme, $this->reading->standard($scheme), $request->string('text')->toString());

        return $this->schemes->of($scheme, $request->type(), $request->tier());
    }
}
