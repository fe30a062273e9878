<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** A roster, pasted or as a file. */
final class RosterRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'text' => ['nullable', 'string', 'required_without:file'],
            'file' => ['nullable', 'file', 'max:2048'],
        ];
    }

    /** The bytes of the file, else what was pasted. */
    public function roster(): string
    {
        return $this->uploaded('file') ?? $this->string('text')->toString();
    }
}
