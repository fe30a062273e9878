<?php

declare(strict_types=1);

namespace App\Http\Jobs;

/** A method chosen where the tier leaves it open, or a layer of those to choose from. */
final class ChooseRequest extends VariationRequest
{
    public function rules(): array
    {
        return [
            ...self::PLACE,
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
