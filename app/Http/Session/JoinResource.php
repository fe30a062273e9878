<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\Resource;
use App\Models\Invitation;

/**
 * An invitation as who was invited sees it.
 *
 * @phpstan-type Join array{studio: string, name: string, email: string, role: string}
 */
final readonly class JoinResource extends Resource
{
    public function __construct(private Invitation $invitation)
    {
    }

    /** @return Join */
    public function toArray(): array
    {
        return ['studio' => $this->invitation->studio->name, 'name' => $this->invitation->name, 'email' => $this->invitation->email, 'role' => $this->invitation->role->value];
    }
}
