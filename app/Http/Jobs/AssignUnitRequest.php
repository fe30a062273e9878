<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** Tier, painter and scheme of a unit. */
final class AssignUnitRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'tier' => ['sometimes', 'string'],
            'painter_id' => ['sometimes', 'nullable', 'integer'],
            'scheme_id' => ['sometimes', 'nullable', 'integer'],
        ];
    }

    /** @return array{tier?: string, painter_id?: int|null, scheme_id?: int|null} */
    public function change(): array
    {
        $change = [];
        if ($this->has('tier')) {
            $change['tier'] = $this->string('tier')->toString();
        }
        if ($this->has('painter_id')) {
            $change['painter_id'] = $this->input('painter_id') === null ? null : $this->integer('painter_id');
        }
        if ($this->has('scheme_id')) {
            $change['scheme_id'] = $this->input('scheme_id') === null ? null : $this->integer('scheme_id');
        }

        return $change;
    }
}
