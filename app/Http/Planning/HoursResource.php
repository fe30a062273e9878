<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Http\Shared\Resource;
use App\Models\HoursRow;
use App\Models\Studio;
use App\Models\User;

/**
 * When everybody of a studio sits at the bench.
 *
 * @phpstan-type Away array{first: string, last: string, because: string}
 * @phpstan-type PersonHours array{
 *   user_id: int,
 *   name: string,
 *   begins: int,
 *   break_at: int|null,
 *   break_minutes: int|null,
 *   minutes: list<float>,
 *   away: list<Away>,
 *   version: int,
 *   mine: bool,
 *   may_change: bool,
 * }
 */
final readonly class HoursResource extends Resource
{
    private const NONE = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0];

    /** @param  User  $user who reads them */
    public function __construct(
        private Studio $studio,
        private User $user,
    ) {
    }

    /** @return list<PersonHours> of who has an account; of whom nothing is written down, none, at version 0 */
    public function toArray(): array
    {
        $rows = HoursRow::query()->get()->keyBy('user_id');

        return array_values($this->studio->users()->whereNull('ended_at')->orderBy('name')->get()->map(fn (User $person): array => [
            'user_id' => $person->id,
            'name' => $person->name,
            'begins' => $rows->get($person->id)->begins ?? 540,
            'break_at' => $rows->get($person->id)?->break_at,
            'break_minutes' => $rows->get($person->id)?->break_minutes,
            'minutes' => array_map(floatval(...), $rows->get($person->id)->minutes ?? self::NONE),
            'away' => $rows->get($person->id)->away ?? [],
            'version' => $rows->get($person->id)->version ?? 0,
            'mine' => $person->id === $this->user->id,
            'may_change' => $this->user->isLead() || $person->id === $this->user->id,
        ])->all());
    }
}
