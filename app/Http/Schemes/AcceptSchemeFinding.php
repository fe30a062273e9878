<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\AcceptFinding;
use App\Models\Scheme;

/** What was found about a scheme is meant so. */
final readonly class AcceptSchemeFinding
{
    public function __construct(
        private AcceptFinding $accept,
        private SchemePresenter $schemes,
    ) {
    }

    public function __invoke(AcceptFindingRequest $request, Scheme $scheme): SchemeResource
    {
        $this->accept->handle($scheme, $request->place(), $request->string('reason')->toString(), $request->person());

        return $this->schemes->of($scheme, $request->type(), $request->tier());
    }
}
