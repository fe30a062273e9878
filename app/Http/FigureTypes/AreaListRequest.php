<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Http\Shared\ApiRequest;

/** A list of areas as it was typed or pasted. */
final class AreaListRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:20000']];
    }
}
