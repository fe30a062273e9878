<?php

declare(strict_types=1);

namespace App\Http\Budgets;

use App\Actions\Budgets\JobEffort;
use App\Http\Shared\ApiRequest;

/** How many minutes more. */
final class EffortRequest extends ApiRequest
{
    public function rules(): array
    {
        return ['minutes' => ['bail', 'required', 'integer', 'min:0', 'max:'.JobEffort::MOST]];
    }

    public function minutes(): int
    {
        return $this->integer('minutes');
    }
}
