<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Actions\Jobs\JobSaid;
use App\Http\Shared\ApiRequest;
use App\Http\Shared\OneOf;
use App\Models\Job;
use App\Models\JobState;
use Core\Standard\Purpose;

/** A job as it shall be. */
final class ChangeJobRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'name' => ['required', 'string', 'max:190'],
            'client' => ['required', 'string', 'max:190'],
            'force' => ['sometimes', 'string', 'min:1', 'max:190'],
            'notes' => ['sometimes', 'nullable', 'string', 'max:2000'],
            'due' => ['present', ...DueDay::rules($this->user(), $this->kept())],
            'purpose' => ['sometimes', 'nullable', 'string', OneOf::of(Purpose::class)],
            'state' => ['required', 'string', OneOf::of(JobState::class)],
        ];
    }

    private function kept(): ?string
    {
        $job = $this->route('job');

        return $job instanceof Job ? $job->due?->toDateString() : null;
    }

    public function said(): JobSaid
    {
        return new JobSaid(
            $this->string('name')->toString(),
            $this->string('client')->toString(),
            $this->textOrNull('force'),
            $this->textOrNull('due'),
            $this->has('notes') ? $this->string('notes')->toString() : null,
            JobState::from($this->string('state')->toString()),
            Purpose::tryFrom($this->string('purpose')->toString()),
        );
    }
}
