<?php

declare(strict_types=1);

namespace App\Http\Standards;

use App\Actions\Standards\DiscardDraft as Discarding;
use App\Http\Shared\LeadRequest;
use App\Http\Shared\PingResource;
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
