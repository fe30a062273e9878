<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\ApiRequest;

/** Why, and the revision of the draft that was read. */
final class PutInForceRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer'],
            'why' => ['required', 'string', 'max:500'],
        ];
    }

    public function why(): string
    {
        return $this->string('why')->toString();
    }

    public function revisionRead(): int
    {
        return $this->integer('revision');
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['why.required' => 'Say why: it stands beside the version for whoever asks later.'];
    }
}
