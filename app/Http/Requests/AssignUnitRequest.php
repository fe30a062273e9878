<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Tier and painter of a unit. */
final class AssignUnitRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'tier' => ['sometimes', 'string'],
            'painter_id' => ['sometimes', 'nullable', 'integer'],
        ];
    }

    /** @return array{tier?: string, painter_id?: int|null} */
    public function change(): array
    {
        $change = [];
        if ($this->has('tier')) {
            $change['tier'] = $this->string('tier')->toString();
        }
        if ($this->has('painter_id')) {
            $change['painter_id'] = $this->input('painter_id') === null ? null : $this->integer('painter_id');
        }

        return $change;
    }
}
