<?php

declare(strict_types=1);

namespace App\Http\Paints;

use App\Http\Shared\Resource;

/**
 * A list of paints as it is pasted.
 *
 * @phpstan-type StarterPaints_ array{text: string}
 */
final readonly class StarterPaintsResource extends Resource
{
    public function __construct(private string $text)
    {
    }

    /** @return StarterPaints_ */
    public function toArray(): array
    {
        return ['text' => $this->text];
    }
}
