<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Actions\Studios\Currencies;
use App\Http\Shared\ApiRequest;
use App\Models\User;
use Closure;
use Illuminate\Validation\Rule;

/** Settings of the studio. */
final class StudioRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'single_keys' => ['required', 'boolean'],
            'allows_self_check' => ['required', 'boolean'],
            'time_zone' => ['required', 'string', 'timezone:all', 'max:60'],
            'name' => ['required', 'string', 'max:120', Rule::unique('studios', 'name')->ignore($this->user() instanceof User ? $this->user()->studio_id : null)],
            'currency' => ['required', 'string', static fn (string $field, mixed $value, Closure $fail): mixed => in_array($value, Currencies::codes(), true) ? null : $fail('This is no currency in use; it is named by three capitals, like EUR.')],
            'requires_second_factor' => ['required', 'boolean'],
        ];
    }

    /** @return array{single_keys: bool, allows_self_check: bool, time_zone: string, name: string, currency: string, requires_second_factor: bool} */
    public function settings(): array
    {
        return [
            'single_keys' => $this->boolean('single_keys'),
            'allows_self_check' => $this->boolean('allows_self_check'),
            'time_zone' => $this->string('time_zone')->toString(),
            'name' => $this->string('name')->toString(),
            'currency' => $this->string('currency')->toString(),
            'requires_second_factor' => $this->boolean('requires_second_factor'),
        ];
    }
}
