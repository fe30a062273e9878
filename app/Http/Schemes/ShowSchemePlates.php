<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Models\Scheme;

/** Proof plates in the colours of a scheme, tier beside tier. */
final readonly class ShowSchemePlates
{
    public function __construct(private SchemePresenter $schemes)
    {
    }

    public function __invoke(SchemeViewRequest $request, Scheme $scheme): SchemePlatesResource
    {
        return $this->schemes->plates($scheme, $request->type(), $request->area());
    }
}
