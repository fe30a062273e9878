<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use Illuminate\Validation\Rule;

/** Marks at the bench. */
final class MarkRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'figures' => ['required', 'array', 'min:1', 'max:500'],
            'figures.*' => ['required', 'integer'],
            'area' => ['required', 'string'],
            'use' => ['required', 'string'],
            'state' => ['present', 'nullable', 'string', Rule::in(['done', 'later', 'waived', 'not-on-figure', 'unreachable'])],
            'reason' => ['nullable', 'string', 'max:500'],
        ];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy, Role::Painter];
    }

    public function state(): ?string
    {
        return $this->textOrNull('state');
    }

    /** @return list<int> */
    public function figureIds(): array
    {
        /** @var list<int> */
        return $this->validated('figures');
    }
}
