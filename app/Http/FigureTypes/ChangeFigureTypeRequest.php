<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

/** A figure type as it shall be. */
final class ChangeFigureTypeRequest extends FigureTypeRequest
{
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], ...parent::rules()];
    }
}
