<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\PasteRecipes;
use App\Actions\Schemes\ReadScheme;
use App\Models\Scheme;

/** Takes a list of paints by use into a scheme. */
final readonly class PastePaintsByUse
{
    public function __construct(
        private PasteRecipes $pasting,
        private ReadScheme $reading,
        private SchemePresenter $schemes,
    ) {
    }

    public function __invoke(PaintsByUseRequest $request, Scheme $scheme): SchemeResource
    {
        $this->pasting->handle($scheme, $this->reading->standard($scheme), $request->string('text')->toString());

        return $this->schemes->of($scheme, $request->type(), $request->tier());
    }
}
