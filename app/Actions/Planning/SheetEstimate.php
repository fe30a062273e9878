<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Actions\Bench\BenchSheet;
use Core\Quote\BatchEstimate;

/** What the figures of a sheet take as a batch. */
final readonly class SheetEstimate
{
    public function __construct(
        public BenchSheet $sheet,
        public BatchEstimate $estimate,
    ) {
    }
}
