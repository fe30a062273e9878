<?php

declare(strict_types=1);

namespace App\Http\Raises;

use App\Http\Jobs\DueDay;
use App\Http\Shared\ApiRequest;
use App\Models\Job;

/** Which signed figures are raised to which tier, in a job that runs or in one of their own. */
final class BookRaiseRequest extends ApiRequest
{
    public function rules(): array
    {
        return [
            'records' => ['required', 'array', 'min:1', 'max:500'],
            'records.*' => ['bail', 'required', 'integer', 'distinct'],
            'to' => ['required', 'string', 'max:120'],
            'job_id' => ['required_without:name', 'nullable', 'integer'],
            'version' => ['required_with:job_id', 'nullable', 'integer'],
            'name' => ['required_without:job_id', 'nullable', 'string', 'max:190'],
            'client' => ['required_without:job_id', 'nullable', 'string', 'max:190'],
            'due' => DueDay::rules($this->user()),
        ];
    }

    /** @return non-empty-list<int> */
    public function records(): array
    {
        /** @var non-empty-list<int|string> $ids */
        $ids = $this->validated('records');

        return array_map(intval(...), $ids);
    }

    public function into(): ?Job
    {
        return $this->filled('job_id') ? Job::query()->findOrFail($this->integer('job_id')) : null;
    }

    public function due(): ?string
    {
        return $this->textOrNull('due');
    }
}
