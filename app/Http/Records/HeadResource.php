<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Shared\Resource;

/**
 * Whether the chain contains a head.
 *
 * @phpstan-type HeadAnswer array{contained: bool, message: string}
 */
final readonly class HeadResource extends Resource
{
    public function __construct(
        private int $number,
        private ?string $fault,
    ) {
    }

    /** @return HeadAnswer */
    public function toArray(): array
    {
        return ['contained' => $this->fault === null, 'message' => $this->fault ?? "The chain contains record {$this->number}, as it was sealed."];
    }
}
