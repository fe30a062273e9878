<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Actions\Bench\StepMark;
use App\Http\Shared\AnybodyRequest;
use App\Http\Shared\OneOf;
use App\Models\MarkState;

/** A word about a step at the bench. Each figure names the mark that was seen on it. */
final class MarkRequest extends AnybodyRequest
{
    public function rules(): array
    {
        return [
            'figures' => ['required', 'array', 'min:1', 'max:500'],
            'figures.*.id' => ['required', 'integer', 'distinct'],
            'figures.*.seen' => ['present', 'nullable', 'integer'],
            'area' => ['required', 'string', 'max:120'],
            'use' => ['required', 'string', 'max:120'],
            'state' => ['required', 'string', OneOf::of(MarkState::class)],
            'reason' => ['nullable', 'string', 'max:500'],
            'agreed_with' => ['nullable', 'string', 'max:190'],
            'supervisor_id' => ['nullable', 'integer'],
            'key' => self::REQUEST_KEY,
        ];
    }

    public function mark(): StepMark
    {
        /** @var non-empty-list<array{id: int|numeric-string, seen: int|numeric-string|null}> $figures */
        $figures = $this->validated('figures');
        $seen = [];
        foreach ($figures as $figure) {
            // A number that is sent as text is one, too.
            $seen[(int) $figure['id']] = $figure['seen'] === null ? null : (int) $figure['seen'];
        }

        return new StepMark(
            $seen,
            $this->string('area')->toString(),
            $this->string('use')->toString(),
            MarkState::from($this->string('state')->toString()),
            $this->string('reason')->toString(),
            $this->string('agreed_with')->toString(),
            $this->requestKey(),
            $this->filled('supervisor_id') ? $this->integer('supervisor_id') : null,
        );
    }
}
