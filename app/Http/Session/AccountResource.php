<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Actions\People\Sessions;
use App\Http\Shared\Resource;
use App\Models\User;

/**
 * Somebody's own account.
 *
 * @phpstan-type OpenSession array{key: string, from: string, agent: string, last_seen: string, current: bool}
 * @phpstan-type Account array{
 *   name: string,
 *   email: string,
 *   second_factor_since: string|null,
 *   required: bool,
 *   recovery_left: int,
 *   sessions: list<OpenSession>,
 * }
 */
final readonly class AccountResource extends Resource
{
    public function __construct(
        private User $user,
        private string $session,
    ) {
    }

    /** @return Account */
    public function toArray(): array
    {
        return [
            'name' => $this->user->name,
            'email' => $this->user->email,
            'second_factor_since' => $this->user->second_factor_at?->toIso8601ZuluString(),
            'required' => $this->user->studio->requires_second_factor,
            'recovery_left' => count($this->user->recovery_codes ?? []),
            'sessions' => Sessions::of($this->user, $this->session),
        ];
    }
}
