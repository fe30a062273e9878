<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ApiRequest;
use App\Http\Shared\OneOf;
use App\Models\Role;
use Core\Standard\Side;

/** A side passed. */
final class PassSideRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'side' => ['required', 'string', OneOf::of(Side::class)],
            'key' => self::REQUEST_KEY,
        ];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy];
    }

    public function side(): Side
    {
        return Side::from($this->string('side')->toString());
    }
}
