<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\ApiRequest;
use App\Models\FigureType;

/** How long a figure takes at a tier. */
final class HoursRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'tier' => ['required', 'string', 'max:120'],
            'minutes' => ['required', 'numeric', 'gt:0', 'max:100000'],
            'figure_type' => ['nullable', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['minutes.*' => 'Say how long the figure takes, over 0 minutes.'];
    }

    /** Null: the reference figure. */
    public function figureType(): ?FigureType
    {
        return $this->input('figure_type') === null ? null : FigureType::query()->findOrFail($this->integer('figure_type'));
    }
}
