<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** A method chosen where the tier leaves it open, or a layer of those to choose from. */
final class ChooseRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'figure_id' => ['nullable', 'integer'],
            'area' => ['required', 'string'],
            'use' => ['required', 'string'],
            // Null takes a choice back.
            'technique' => ['present', 'nullable', 'string'],
        ];
    }

    public function technique(): ?string
    {
        return $this->textOrNull('technique');
    }
}
