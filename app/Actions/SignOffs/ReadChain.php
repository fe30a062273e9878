<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Models\ChainVerification;
use App\Models\CurrentStudio;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Reads a chain on until its end, record by record in the order of their numbers. A worker that was stopped in the middle leaves it to another, which goes on from there. */
final class ReadChain implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 600;

    public function __construct(
        private readonly int $studio,
        private readonly int $run,
    ) {
    }

    public function handle(CurrentStudio $studio, VerifyChain $verifying): void
    {
        $studio->enter($this->studio);
        $run = ChainVerification::query()->find($this->run);
        if ($run !== null) {
            $verifying->toEnd($run);
        }
    }
}
