<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A method chosen where the tier leaves it open. */
final class ChooseRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'figure_id' => ['nullable', 'integer'],
            'area' => ['required', 'string'],
            'use' => ['required', 'string'],
            'technique' => ['required', 'string'],
        ];
    }
}
