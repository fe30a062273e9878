<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;
use App\Import\RosterReader;

/** How many figures more, and of which type where they are of another than their unit. */
final class AddFiguresRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'count' => ['bail', 'required', 'integer', 'min:1', 'max:'.RosterReader::MOST_IN_A_LINE],
            'figure_type' => ['nullable', 'string', 'max:190'],
        ];
    }

    public function figureType(): ?string
    {
        return $this->filled('figure_type') ? $this->string('figure_type')->toString() : null;
    }
}
