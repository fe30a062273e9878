<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Http\Shared\ApiRequest;

/** Whether new rosters may have it. */
final class RetireFigureTypeRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'retired' => ['required', 'boolean'],
        ];
    }
}
