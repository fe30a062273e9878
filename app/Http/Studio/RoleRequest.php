<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Http\Shared\ApiRequest;
use App\Models\Role;
use Illuminate\Validation\Rule;

/** What somebody may do from now on. */
final class RoleRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'role' => ['required', 'string', Rule::enum(Role::class)],
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
