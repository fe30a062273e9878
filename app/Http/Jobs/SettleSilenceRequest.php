<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Jobs\Terms;
use App\Http\Shared\ApiRequest;

/** A tier and a surface of which it says nothing, with who agreed that nothing is asked, and why. */
final class SettleSilenceRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'tier' => ['required', 'string', 'max:120'],
            'surface' => ['required', 'string', 'max:120'],
            'reason' => ['required', 'string', 'max:500'],
            'agreed_with' => ['required', 'string', 'max:190'],
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

    public function terms(): Terms
    {
        return new Terms($this->string('reason')->toString(), $this->string('agreed_with')->toString(), $this->person(), null);
    }
}
