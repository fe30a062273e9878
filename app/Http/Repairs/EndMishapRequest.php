<?php

declare(strict_types=1);

namespace App\Http\Repairs;

use App\Http\Shared\ApiRequest;
use App\Http\Shared\OneOf;
use App\Models\MishapEnd;
use App\Models\Role;

/** How a mishap ended. */
final class EndMishapRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['ended' => ['required', 'string', OneOf::of(MishapEnd::class)]];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy, Role::Painter];
    }

    public function end(): MishapEnd
    {
        return MishapEnd::from($this->string('ended')->toString());
    }
}
