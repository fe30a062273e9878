<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Http\Shared\AnybodyRequest;

/** A technique on a surface. */
final class ExtentsRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return [
            'surface' => ['required', 'string'],
            'technique' => ['required', 'string'],
        ];
    }

    public function surface(): string
    {
        return $this->string('surface')->toString();
    }

    public function technique(): string
    {
        return $this->string('technique')->toString();
    }
}
