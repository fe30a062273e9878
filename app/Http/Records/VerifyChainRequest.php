<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Shared\AnybodyRequest;
use App\Models\ChainVerification;

/** Which records are read: all of them or those since, or what was begun and goes on. */
final class VerifyChainRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return [
            'whole' => ['required', 'boolean'],
            // Of a reading that was begun; null: one is begun.
            'run' => ['present', 'nullable', 'integer', 'min:1'],
        ];
    }

    public function run(): ?ChainVerification
    {
        return $this->input('run') === null ? null : ChainVerification::query()->findOrFail($this->integer('run'));
    }
}
