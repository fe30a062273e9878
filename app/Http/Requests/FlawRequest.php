<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use Core\Standard\Side;
use Illuminate\Validation\Rule;

/** A flaw found in a check. */
final class FlawRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'flaw' => ['required', 'string', Rule::in(['patch', 'overspill', 'stray-dot', 'wide-line', 'broken'])],
            'area' => ['required', 'string'],
            'side' => ['required', 'string', Rule::enum(Side::class)],
            'size_mm' => ['nullable', 'numeric', 'min:0', 'max:500', 'required_unless:flaw,broken'],
            'note' => ['nullable', 'string', 'max:500'],
        ];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy];
    }

    public function side(): Side
    {
        return Side::from($this->string('side')->toString());
    }
}
