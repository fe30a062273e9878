<?php

declare(strict_types=1);

namespace App\Actions\Schemes;

use App\Models\Scheme;
use App\Models\SchemeNote;
use App\Models\User;
use App\Refusals\NotRight;
use Core\Composition\FigureType;

/** One picture governs a scheme; where the work departs from it, that is noted with date and reason. */
final readonly class NoteDeparture
{
    public function __construct(private ForceTypes $types)
    {
    }

    /**
     * @param  string  $area empty: the scheme as a whole
     *
     * @throws NotRight if no figure of the force has the area
     */
    public function handle(Scheme $scheme, string $area, string $text, User $by): SchemeNote
    {
        if ($area !== '' && array_filter($this->types->of($scheme->force_id), static fn (FigureType $type): bool => $type->area($area) !== null) === []) {
            throw NotRight::at('/area', 'unknown-area', "No figure of this force has an area \"{$area}\".");
        }

        return SchemeNote::query()->create(['scheme_id' => $scheme->id, 'user_id' => $by->id, 'kind' => SchemeNote::DEPARTURE, 'area' => $area, 'text' => $text]);
    }
}
