<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Schemes\NoteDeparture as Noting;
use App\Http\Schemes\SchemePresenter;
use App\Http\Schemes\SchemeResource;
use App\Models\Scheme;

/** Notes that the work departs from the picture. */
final readonly class NoteDeparture
{
    public function __construct(
        private Noting $noting,
        private SchemePresenter $schemes,
    ) {
    }

    public function __invoke(DepartureRequest $request, Scheme $scheme): SchemeResource
    {
        $this->noting->handle($scheme, $request->string('area')->toString(), $request->string('text')->toString(), $request->person());

        return $this->schemes->of($scheme, null, null);
    }
}
