<?php

declare(strict_types=1);

namespace App\Http\Jobs;

/** A use of another tier, laid on one area. */
final class AddUseRequest extends VariationRequest
{
    public function rules(): array
    {
        return [...self::PLACE, ...self::TERMS, 'tier' => ['required', 'string'], 'use' => ['required', 'string']];
    }

    public function tier(): string
    {
        return $this->string('tier')->toString();
    }
}
