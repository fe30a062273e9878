<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\AnybodyRequest;

/** What a step is painted with. */
final class MixRequest extends AnybodyRequest
{
    use MeansMixedStep;

    public function rules(): array
    {
        return [
            'figure_type_id' => ['nullable', 'integer'],
            'scheme_id' => ['nullable', 'integer'],
            'area' => ['required', 'string', 'max:120'],
            'use' => ['required', 'string', 'max:120'],
            'step' => ['required', 'integer', 'min:1', 'max:99'],
            'mix' => ['present', 'nullable', 'string', 'max:500'],
            'version' => ['nullable', 'integer'],
        ];
    }

    public function versionIfAny(): ?int
    {
        return $this->input('version') === null ? null : $this->integer('version');
    }
}
