<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Shared\ApiRequest;
use App\Models\Role;

/** A page of the records, and what they are looked for by. */
final class RecordsRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['page' => self::PAGE, 'find' => ['nullable', 'string', 'max:120']];
    }

    public function find(): string
    {
        return trim($this->string('find')->toString());
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy, Role::Painter];
    }
}
