<?php

declare(strict_types=1);

namespace App\Http\FigureTypes;

use App\Http\Shared\OneOf;
use Core\Composition\FigureType;
use Core\Composition\SizeClass;
use Core\CoreException;
use Core\Listing\ListedFigureType;

/** A figure type as somebody took it down. */
class FigureTypeRequest extends AreasRequest
{
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'size_class' => ['required', 'string', OneOf::of(SizeClass::class)],
            ...parent::rules(),
        ];
    }

    /** @throws CoreException at the place of what cannot be */
    public function figureType(): FigureType
    {
        return ListedFigureType::make($this->string('name')->toString(), SizeClass::from($this->string('size_class')->toString()), $this->areas());
    }
}
