<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Http\Shared\ApiRequest;

/** A point of the picture of a scheme. */
final class PickRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['x' => ['required', 'numeric', 'min:0', 'max:1'], 'y' => ['required', 'numeric', 'min:0', 'max:1']];
    }
}
