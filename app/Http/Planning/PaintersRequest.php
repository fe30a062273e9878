<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Http\Shared\ApiRequest;

/** Whether what is given and not begun is proposed again. */
final class PaintersRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['anew' => ['nullable', 'in:0,1']];
    }

    public function anew(): bool
    {
        return $this->boolean('anew');
    }
}
