<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Models\Scheme;
use App\Models\SchemeNote;
use App\Models\User;

/** One picture governs a scheme; where the work departs from it, that is noted with date and reason. */
final readonly class NoteDeparture
{
    public function handle(Scheme $scheme, string $area, string $text, User $by): SchemeNote
    {
        return SchemeNote::query()->create(['scheme_id' => $scheme->id, 'user_id' => $by->id, 'kind' => SchemeNote::DEPARTURE, 'area' => $area, 'text' => $text]);
    }
}
