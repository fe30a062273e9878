<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\ApiRequest;
use App\Models\Role;

/** A step whose mix, as it was really mixed, becomes the recipe. */
final class KeepMixRequest extends ApiRequest
{
    use MeansMixedStep;

    public function rules(): array
    {
        return [
            'figure_type_id' => ['required', 'integer'],
            'scheme_id' => ['nullable', 'integer'],
            'area' => ['required', 'string', 'max:120'],
            'use' => ['required', 'string', 'max:120'],
            'step' => ['required', 'integer', 'min:1', 'max:99'],
        ];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy];
    }
}
