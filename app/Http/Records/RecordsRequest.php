<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Shared\AnybodyRequest;

/** A page of the records, and what they are looked for by. */
final class RecordsRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return ['page' => self::PAGE, 'find' => ['nullable', 'string', 'max:120']];
    }

    public function find(): string
    {
        return trim($this->string('find')->toString());
    }
}
