<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Standards\DiscardDraft as Discarding;
use App\Http\Requests\LeadRequest;
use App\Http\Resources\PingResource;
use App\Models\StandardVersion;

/** Throws a draft away. */
final readonly class DiscardDraft
{
    public function __construct(private Discarding $discarding)
    {
    }

    public function __invoke(LeadRequest $request, StandardVersion $standardVersion): PingResource
    {
        $this->discarding->handle($standardVersion);

        return new PingResource;
    }
}
