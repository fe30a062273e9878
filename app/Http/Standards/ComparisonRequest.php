<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\ApiRequest;
use App\Models\Role;
use App\Models\StandardVersion;

/** Which tiers, and of which versions. */
final class ComparisonRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'left' => ['required', 'string'],
            'right' => ['required', 'string'],
            'with' => ['nullable', 'integer'],
        ];
    }

    public function leftTier(): string
    {
        return $this->string('left')->toString();
    }

    public function rightTier(): string
    {
        return $this->string('right')->toString();
    }

    /** Null: the same version on both sides. */
    public function otherVersion(): ?StandardVersion
    {
        return $this->input('with') === null ? null : StandardVersion::query()->findOrFail($this->integer('with'));
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy];
    }
}
