<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\AnybodyRequest;

/** A page of the bench, and what its units are looked for by. */
final class BenchRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return ['page' => self::PAGE, 'find' => ['nullable', 'string', 'max:120'], 'unit' => ['nullable', 'integer', 'min:1']];
    }

    public function find(): string
    {
        return trim($this->string('find')->toString());
    }

    public function unit(): ?int
    {
        return $this->filled('unit') ? $this->integer('unit') : null;
    }
}
