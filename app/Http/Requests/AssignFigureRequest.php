<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Tier and painter of one figure. */
final class AssignFigureRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'tier' => ['sometimes', 'nullable', 'string'],
            'painter_id' => ['sometimes', 'nullable', 'integer'],
        ];
    }

    /** @return array{tier?: string|null, painter_id?: int|null} */
    public function change(): array
    {
        $change = [];
        if ($this->has('tier')) {
            $change['tier'] = $this->textOrNull('tier');
        }
        if ($this->has('painter_id')) {
            $change['painter_id'] = $this->input('painter_id') === null ? null : $this->integer('painter_id');
        }

        return $change;
    }
}
