<?php

declare(strict_types=1);

namespace App\Http\Planning;

use App\Http\Shared\AnybodyRequest;
use Core\Plan\Pause;

/** When somebody sits at the bench. Everybody says it of themselves, the lead of everybody. */
final class HoursRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'begins' => ['bail', 'required', 'integer', 'between:0,1439'],
            'break_at' => ['bail', 'nullable', 'required_with:break_minutes', 'integer', 'between:0,1439'],
            'break_minutes' => ['bail', 'nullable', 'required_with:break_at', 'integer', 'between:1,1439'],
            'minutes' => ['required', 'array', 'list', 'size:7'],
            'minutes.*' => ['bail', 'required', 'numeric', 'between:0,1440'],
            'away' => ['present', 'array', 'list', 'max:60'],
            'away.*.first' => ['bail', 'required', 'string', 'date_format:Y-m-d'],
            'away.*.last' => ['bail', 'required', 'string', 'date_format:Y-m-d'],
            'away.*.because' => ['present', 'nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['break_at.required_with' => 'Say when the break begins.', 'break_minutes.required_with' => 'Say how long the break is.', 'minutes.*.between' => 'A day has from 0 to 24 hours.'];
    }

    public function pause(): ?Pause
    {
        return $this->input('break_at') === null ? null : new Pause($this->integer('break_at'), $this->integer('break_minutes'));
    }

    /** @return list<float> */
    public function minutes(): array
    {
        return array_values(array_map(static fn (mixed $some): float => is_numeric($some) ? (float) $some : 0.0, (array) $this->input('minutes')));
    }

    /** @return list<array{first: string, last: string, because: string}> */
    public function away(): array
    {
        $text = fn (int $i, string $name): string => $this->string("away.{$i}.{$name}")->toString();

        return array_map(static fn (int $i): array => ['first' => $text($i, 'first'), 'last' => $text($i, 'last'), 'because' => $text($i, 'because')], array_keys(array_values((array) $this->input('away'))));
    }
}
