<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\FurtherStep;
use App\Actions\Bench\LayFurther;
use App\Http\Shared\AnybodyRequest;

/** Coats beyond what is asked for, and how many were seen before. */
final class FurtherCoatsRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return [
            'figures' => ['required', 'array', 'min:1', 'max:500'],
            'figures.*' => ['bail', 'required', 'integer', 'distinct'],
            'area' => ['required', 'string', 'max:120'],
            'use' => ['required', 'string', 'max:120'],
            'coats' => ['bail', 'required', 'integer', 'between:0,'.LayFurther::MOST],
            'seen' => ['bail', 'required', 'integer', 'between:0,'.LayFurther::MOST],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['coats.between' => 'A step takes up to '.LayFurther::MOST.' coats more than asked; if it takes more, its standard is to be changed.'];
    }

    public function further(): FurtherStep
    {
        /** @var non-empty-list<int|numeric-string> $figures */
        $figures = $this->validated('figures');

        return new FurtherStep(array_map(intval(...), $figures), $this->string('area')->toString(), $this->string('use')->toString(), $this->integer('coats'), $this->integer('seen'));
    }
}
