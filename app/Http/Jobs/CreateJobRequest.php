<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;
use App\Http\Shared\OneOf;
use Core\Standard\Purpose;

/** A new job. */
final class CreateJobRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:190'],
            'client' => ['required', 'string', 'max:190'],
            'force' => ['required', 'string', 'max:190'],
            'due' => DueDay::rules($this->user()),
            'purpose' => ['sometimes', 'nullable', 'string', OneOf::of(Purpose::class)],
            'standard_version_id' => ['nullable', 'integer'],
        ];
    }

    public function due(): ?string
    {
        return $this->textOrNull('due');
    }

    public function purpose(): ?Purpose
    {
        return Purpose::tryFrom($this->string('purpose')->toString());
    }

    public function standardVersion(): ?int
    {
        return $this->input('standard_version_id') === null ? null : $this->integer('standard_version_id');
    }
}
