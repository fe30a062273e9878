<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use Illuminate\Validation\Rule;

/** An account for somebody of the studio. */
final class PersonRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'email' => ['required', 'string', 'email', 'max:190'],
            'role' => ['required', 'string', Rule::enum(Role::class)],
            'signing_rank' => ['nullable', 'integer', 'min:0', 'max:999'],
            'password' => ['required', 'string', 'min:8', 'max:190'],
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
