<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LogRequest;
use App\Http\Resources\LogResource;
use App\Models\LogEntry;

/** What happened in the studio, for the lead. */
final readonly class ShowLog
{
    public function __invoke(LogRequest $request): LogResource
    {
        return new LogResource(LogEntry::query()->with('user')->orderByDesc('id')->paginate(50));
    }
}
