<?php

declare(strict_types=1);

namespace App\Actions\Checks;

use App\Actions\Versioned;
use App\Models\Check;
use App\Models\Figure;
use App\Refusals\Stale;

/** A figure and its check, locked for a change in the order that holds everywhere. */
final readonly class CheckLock
{
    private function __construct(
        public Figure $figure,
        public Check $check,
    ) {
    }

    /**
     * Called within a transaction.
     *
     * @throws Stale if the check is another than the one that was read
     */
    public static function take(Check $check, int $versionRead): self
    {
        $figure = Figure::query()->with('unit')->lockForUpdate()->findOrFail($check->figure_id);

        return new self($figure, Versioned::lock($check, $versionRead, 'this check'));
    }
}
