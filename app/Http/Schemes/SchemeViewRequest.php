<?php

declare(strict_types=1);

namespace App\Http\Schemes;

use App\Http\Shared\AnybodyRequest;

/** On which figure type and at which tier a scheme is shown. */
final class SchemeViewRequest extends AnybodyRequest
{
    use NamesView;

    public function rules(): array
    {
        return [
            'type' => ['nullable', 'string', 'max:120'],
            'tier' => ['nullable', 'string', 'max:120'],
            'area' => ['nullable', 'string', 'max:120'],
        ];
    }

    public function area(): ?string
    {
        return $this->textOrNull('area');
    }
}
