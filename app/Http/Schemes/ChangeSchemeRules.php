<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Actions\Schemes\SchemeBook;
use App\Actions\Schemes\StudioRules;

/** Sets the numbers that schemes are held to. */
final readonly class ChangeSchemeRules
{
    public function __construct(
        private StudioRules $rules,
        private SchemeBook $book,
    ) {
    }

    public function __invoke(SchemeRulesRequest $request): SchemeRulesResource
    {
        $rules = $this->rules->change($request->numbers());
        $this->book->forget();

        return new SchemeRulesResource($rules);
    }
}
