<?php

declare(strict_types=1);

namespace App\Http\Papers;

use App\Http\Shared\Resource;
use App\Models\Paper;
use App\Models\PaperState;
use App\Papers\Worker;

/**
 * How far a paper is, and why it is no further.
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
    /** Seconds that a paper waits without anybody wondering. */
    private const SOON = 10;

    public function __construct(private Paper $paper)
    {
    }

    /** @return PaperStanding */
    public function toArray(): array
    {
        return ['id' => $this->paper->id, 'state' => $this->paper->state->value, 'drawn' => $this->paper->drawn, 'of' => $this->paper->of, 'said' => $this->paper->said ?? $this->why()];
    }

    /** Why it waits for so long; null: it does not, or nobody knows. */
    private function why(): ?string
    {
        $isLate = $this->paper->state === PaperState::Waiting && $this->paper->asked_at < now()->subSeconds(self::SOON);

        return $isLate && ! app(Worker::class)->wasSeen() ? 'No worker has been seen for some minutes. It is made when one comes: whoever runs the application starts it with ./bin/start.' : null;
    }
}
