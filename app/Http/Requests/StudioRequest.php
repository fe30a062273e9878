<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Settings of the studio. */
final class StudioRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'single_keys' => ['required', 'boolean'],
            'allows_self_check' => ['required', 'boolean'],
            'time_zone' => ['required', 'string', 'timezone:all', 'max:60'],
        ];
    }

    /** @return array{single_keys: bool, allows_self_check: bool, time_zone: string} */
    public function settings(): array
    {
        return [
            'single_keys' => $this->boolean('single_keys'),
            'allows_self_check' => $this->boolean('allows_self_check'),
            'time_zone' => $this->string('time_zone')->toString(),
        ];
    }
}
