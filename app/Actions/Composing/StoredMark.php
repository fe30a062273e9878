<?php

declare(strict_types=1);

namespace App\Actions\Composing;

use App\Models\MarkState;
use Carbon\CarbonImmutable;

/** A word about a step on a figure, as it was read: marks are appended, and none is ever changed. */
final readonly class StoredMark
{
    /**
     * @param  string  $agreedWith whom a use was left out with; empty: nobody
     * @param  bool  $isLook whether it is a word of who looked at it between two stages: that is no work on it
     * @param  string  $by name of who said it
     * @param  string|null  $lookedOn name of who looked on, where they did what they were not cleared for
     * @param  string|null  $at when, as the database says it
     */
    public function __construct(
        public int $id,
        public int $figureId,
        public string $area,
        public string $use,
        public MarkState $state,
        public string $reason,
        public string $agreedWith,
        public bool $isLook,
        public int $userId,
        public string $by,
        public ?string $lookedOn,
        public ?string $at,
    ) {
    }

    public function at(): ?CarbonImmutable
    {
        return $this->at === null ? null : CarbonImmutable::parse($this->at);
    }

    /** As it is said over the API; null where nobody knows. */
    public function atInWords(): ?string
    {
        return $this->at()?->toIso8601ZuluString();
    }

    /** @return array<string, mixed> for who saw something else */
    public function toArray(): array
    {
        return ['id' => $this->id, 'figure_id' => $this->figureId, 'area' => $this->area, 'use' => $this->use, 'state' => $this->state->value, 'reason' => $this->reason, 'agreed_with' => $this->agreedWith, 'user_id' => $this->userId, 'created_at' => $this->atInWords()];
    }
}
