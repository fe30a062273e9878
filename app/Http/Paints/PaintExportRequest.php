<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Http\Shared\ApiRequest;
use App\Http\Shared\OneOf;
use App\Models\Role;

/** In which form paints are sent out. */
final class PaintExportRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['format' => ['required', OneOf::words('csv', 'gpl')]];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy, Role::Painter];
    }
}
