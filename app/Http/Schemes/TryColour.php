<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\TryColour as Trial;

/** Tries how near a mix of two paints, or a glaze, comes to a colour; nothing is stored. */
final readonly class TryColour
{
    public function __construct(private Trial $trial)
    {
    }

    public function __invoke(TryColourRequest $request): TriedColourResource
    {
        $text = static fn (string $name): string => $request->string($name)->toString();

        return new TriedColourResource($this->trial->handle($text('wanted'), $text('from'), $text('with'), $text('over')));
    }
}
