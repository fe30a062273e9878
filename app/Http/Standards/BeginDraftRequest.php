<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\ApiRequest;
use App\Models\StandardVersion;

/** From a version, or from a starting ladder. */
final class BeginDraftRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'from' => ['nullable', 'integer'],
            'ladder' => ['nullable', 'string', 'required_without:from'],
            'label' => ['nullable', 'string', 'max:60'],
        ];
    }

    public function from(): ?StandardVersion
    {
        return $this->input('from') === null ? null : StandardVersion::query()->findOrFail($this->integer('from'));
    }

    public function ladder(): string
    {
        return $this->string('ladder')->toString();
    }

    public function label(): ?string
    {
        return $this->textOrNull('label');
    }
}
