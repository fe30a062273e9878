<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Actions\Studios\Waiting;
use App\Http\Shared\Resource;
use App\Models\User;
use Core\Standard\Currency;

/**
 * Who is signed in, and how much waits.
 *
 * @phpstan-type Session array{
 *   user: array{
 *     id: int,
 *     name: string,
 *     role: 'lead'|'deputy'|'painter',
 *     signing_rank: int|null,
 *     second_factor: bool,
 *   },
 *   studio: array{
 *     id: int,
 *     name: string,
 *     time_zone: string,
 *     currency: string,
 *     currency_decimals: int,
 *     single_keys: bool,
 *     allows_self_check: bool,
 *     requires_second_factor: bool,
 *   },
 *   waiting: array{checks: int, bench: int},
 * }
 */
final readonly class SessionResource extends Resource
{
    public function __construct(
        private User $user,
        private Waiting $waiting,
    ) {
    }

    /** @return Session */
    public function toArray(): array
    {
        $studio = $this->user->studio;

        return [
            'user' => ['id' => $this->user->id, 'name' => $this->user->name, 'role' => $this->user->role->value, 'signing_rank' => $this->user->signing_rank, 'second_factor' => $this->user->asksSecondFactor()],
            'studio' => [
                'id' => $studio->id, 'name' => $studio->name, 'time_zone' => $studio->time_zone, 'currency' => $studio->currency, 'currency_decimals' => Currency::of($studio->currency)->decimals,
                'single_keys' => $studio->single_keys, 'allows_self_check' => $studio->allows_self_check, 'requires_second_factor' => $studio->requires_second_factor,
            ],
            'waiting' => ['checks' => $this->waiting->checks(), 'bench' => $this->waiting->bench()],
        ];
    }
}
