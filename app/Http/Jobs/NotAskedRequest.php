<?php

declare(strict_types=1);

namespace App\Http\Jobs;

/** An area of which the standard says nothing, agreed as not asked for. */
final class NotAskedRequest extends VariationRequest
{
    public function rules(): array
    {
        return [
            ...self::PLACE,
            ...self::AGREED,
        ];
    }
}
