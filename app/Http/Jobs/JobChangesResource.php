<?php

declare(strict_types=1);

namespace App\Http\Jobs;

use App\Http\Shared\PageNumbers;
use App\Http\Shared\Resource;
use App\Models\JobChange;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;

/**
 * What was changed of a job, the latest first, by page. What was taken back once can not be taken back again.
 *
 * @phpstan-type JobChangeLine array{id: int, at: string, who: string, words: list<string>, takes_back: bool, taken_back: bool}
 * @phpstan-type JobChangesPage array{changes: list<JobChangeLine>, page: int, pages: int, all: int}
 */
final readonly class JobChangesResource extends Resource
{
    /** @param  LengthAwarePaginator<int, JobChange>  $page */
    public function __construct(private LengthAwarePaginator $page)
    {
    }

    /** @return JobChangesPage */
    public function toArray(): array
    {
        return [
            'changes' => array_values(array_map(static fn (JobChange $change): array => [
                'id' => $change->id, 'at' => $change->at->toIso8601ZuluString(), 'who' => $change->user->name, 'words' => $change->words,
                'takes_back' => $change->takes_back_id !== null, 'taken_back' => $change->takenBackBy !== null,
            ], $this->page->items())),
            ...PageNumbers::of($this->page),
        ];
    }
}
