<?php

declare(strict_types=1);

namespace App\Http\Repairs;

use App\Http\Shared\AnybodyRequest;
use App\Http\Shared\OneOf;
use App\Models\MishapEnd;

/** How a mishap ended. */
final class EndMishapRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return ['ended' => ['required', 'string', OneOf::of(MishapEnd::class)]];
    }

    public function end(): MishapEnd
    {
        return MishapEnd::from($this->string('ended')->toString());
    }
}
