<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\MarkState;

/** What somebody says of one step of a sheet, on some of its figures. */
final readonly class StepMark
{
    /**
     * @param  non-empty-array<int, int|null>  $seen by figure, the mark that stood when this was said; null: none
     * @param  string  $agreedWith of a step left out by agreement: with whom
     * @param  string|null  $key of the request: what arrives twice under one key is kept once
     * @param  int|null  $supervisor of a step that is done: who looked on; null: nobody
     */
    public function __construct(
        public array $seen,
        public string $area,
        public string $use,
        public MarkState $state,
        public string $reason = '',
        public string $agreedWith = '',
        public ?string $key = null,
        public ?int $supervisor = null,
    ) {
    }
}
