<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Http\Shared\Resource;
use App\Models\Studio;
use App\Models\User;

/**
 * @phpstan-type Colleague array{
 *   id: int,
 *   name: string,
 *   role: 'lead'|'deputy'|'painter',
 *   signing_rank: int|null,
 *   second_factor: bool,
 *   ended: bool,
 *   version: int,
 * }
 */
final readonly class PeopleResource extends Resource
{
    /** @param  list<User>  $people */
    public function __construct(private array $people)
    {
    }

    /** Everybody who has or had an account in it. */
    public static function of(Studio $studio): self
    {
        return new self(array_values($studio->users()->orderBy('name')->get()->all()));
    }

    /** @return list<Colleague> */
    public function toArray(): array
    {
        return array_map(static fn (User $user): array => ['id' => $user->id, 'name' => $user->name, 'role' => $user->role->value, 'signing_rank' => $user->signing_rank, 'second_factor' => $user->asksSecondFactor(), 'ended' => $user->ended_at !== null, 'version' => $user->version], $this->people);
    }
}
