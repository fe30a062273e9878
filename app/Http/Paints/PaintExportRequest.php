<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Http\Shared\ApiRequest;
use App\Models\Role;
use Illuminate\Validation\Rule;

/** In which form paints are sent out. */
final class PaintExportRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['format' => ['required', Rule::in(['csv', 'gpl'])]];
    }

    protected function allowed(): array
    {
        return [Role::Lead, Role::Deputy, Role::Painter];
    }
}
