<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;

/** A tier and a surface of which it says nothing, with who agreed that nothing is asked, and why. */
final class SettleSilenceRequest extends ApiRequest
{
    use GivenTerms;

    public function rules(): array
    {
        return [
            'tier' => ['required', 'string', 'max:120'],
            'surface' => ['required', 'string', 'max:120'],
            ...self::AGREED,
        ];
    }

    public function tier(): string
    {
        return $this->string('tier')->toString();
    }

    public function surface(): string
    {
        return $this->string('surface')->toString();
    }
}
