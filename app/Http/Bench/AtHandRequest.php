<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\ApiRequest;
use App\Models\Role;

/** Which line of a sheet is in hand: its place on it, from 0. */
final class AtHandRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['line' => ['bail', 'required', 'integer', 'between:0,5000']];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy, Role::Painter];
    }
}
