<?php

declare(strict_types=1);

namespace App\Http\Papers;

use App\Http\Shared\Resource;
use App\Models\Paper;
use App\Models\PaperState;

/**
 * How far a paper is.
 *
 * @phpstan-type PaperStanding array{
 *   id: int,
 *   state: value-of<PaperState>,
 *   drawn: int,
 *   of: int,
 *   said: string|null,
 * }
 */
final readonly class PaperResource extends Resource
{
    public function __construct(private Paper $paper)
    {
    }

    /** @return PaperStanding */
    public function toArray(): array
    {
        return ['id' => $this->paper->id, 'state' => $this->paper->state->value, 'drawn' => $this->paper->drawn, 'of' => $this->paper->of, 'said' => $this->paper->said];
    }
}
