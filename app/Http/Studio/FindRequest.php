<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Http\Shared\AnybodyRequest;

/** Words of a name. */
final class FindRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return ['words' => ['required', 'string', 'max:120']];
    }
}
