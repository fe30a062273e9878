<?php

declare(strict_types=1);

namespace App\Http\Studio;

use App\Models\LogEntry;

/** What happened in the studio, for the lead. */
final readonly class ShowLog
{
    public function __invoke(LogRequest $request): LogResource
    {
        return new LogResource(LogEntry::query()->with('user')->orderByDesc('id')->paginate(50));
    }
}
