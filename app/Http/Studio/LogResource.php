<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Http\Shared\PageNumbers;
use App\Http\Shared\Resource;
use App\Models\LogEntry;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;

/**
 * What happened in the studio, the latest first, by page.
 *
 * @phpstan-type LogLine array{id: int, at: string, who: string, what: string, about: string}
 * @phpstan-type LogPage array{lines: list<LogLine>, page: int, pages: int, all: int}
 */
final readonly class LogResource extends Resource
{
    /** @param  LengthAwarePaginator<int, LogEntry>  $page */
    public function __construct(private LengthAwarePaginator $page)
    {
    }

    /** @return LogPage */
    public function toArray(): array
    {
        return [
            'lines' => array_values(array_map(static fn (LogEntry $entry): array => [
                'id' => $entry->id, 'at' => $entry->at->toIso8601ZuluString(), 'who' => $entry->user->name ?? '', 'what' => $entry->kind->words(), 'about' => $entry->about,
            ], $this->page->items())),
            ...PageNumbers::of($this->page),
        ];
    }
}
