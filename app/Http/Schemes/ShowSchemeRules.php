<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\StudioRules;
use App\Http\Shared\AnybodyRequest;

/** Numbers that schemes are held to. */
final readonly class ShowSchemeRules
{
    public function __construct(private StudioRules $rules)
    {
    }

    public function __invoke(AnybodyRequest $request): SchemeRulesResource
    {
        return new SchemeRulesResource($this->rules->now());
    }
}
