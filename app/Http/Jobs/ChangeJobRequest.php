<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\ApiRequest;
use App\Http\Shared\OneOf;
use App\Models\Job;
use App\Models\JobState;

/** A job as it shall be. */
final class ChangeJobRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'name' => ['required', 'string', 'max:190'],
            'client' => ['required', 'string', 'max:190'],
            'due' => ['present', ...DueDay::rules($this->user(), $this->kept())],
            'state' => ['required', 'string', OneOf::of(JobState::class)],
        ];
    }

    private function kept(): ?string
    {
        $job = $this->route('job');

        return $job instanceof Job ? $job->due?->toDateString() : null;
    }

    public function due(): ?string
    {
        return $this->textOrNull('due');
    }

    public function state(): JobState
    {
        return JobState::from($this->string('state')->toString());
    }
}
