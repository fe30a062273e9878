<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\AnybodyRequest;

/** The area, as its figure type calls it. */
final class AreaLayersRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return ['area' => ['required', 'string']];
    }

    public function area(): string
    {
        return $this->string('area')->toString();
    }
}
