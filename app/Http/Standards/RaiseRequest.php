<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\AnybodyRequest;
use App\Models\FigureType;

/** Which figure, from which tier, to which. */
final class RaiseRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return [
            'figure_type' => ['required', 'integer'],
            'from' => ['required', 'string'],
            'to' => ['required', 'string'],
        ];
    }

    public function figureType(): FigureType
    {
        return FigureType::query()->findOrFail($this->integer('figure_type'));
    }

    public function fromTier(): string
    {
        return $this->string('from')->toString();
    }

    public function toTier(): string
    {
        return $this->string('to')->toString();
    }
}
