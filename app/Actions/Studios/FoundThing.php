<?php

declare(strict_types=1);

namespace App\Actions\Studios;

/** Something of the studio that was looked for. */
final readonly class FoundThing
{
    /**
     * @param  int|null  $job that it is of
     * @param  string  $detail by which it is told from others of its name
     * @param  int|null  $unit of a figure
     */
    public function __construct(
        public FoundKind $kind,
        public int $id,
        public ?int $job,
        public string $name,
        public string $detail,
        public ?int $unit = null,
    ) {
    }
}
