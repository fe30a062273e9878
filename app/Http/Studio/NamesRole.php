<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Http\Shared\OneOf;
use App\Models\Role;

/** What somebody may do in the studio, and up to which tier they sign off. */
trait NamesRole
{
    /** @return array<string, list<mixed>> */
    private static function roleRules(): array
    {
        return [
            'role' => ['required', 'string', OneOf::of(Role::class)],
            'signing_rank' => ['nullable', 'integer', 'min:0', 'max:999'],
        ];
    }

    public function role(): Role
    {
        return Role::from($this->string('role')->toString());
    }

    public function signingRank(): ?int
    {
        return $this->input('signing_rank') === null ? null : $this->integer('signing_rank');
    }
}
