<?php

declare(strict_types=1);

namespace App\Actions\Planning;

use App\Models\User;
use Core\Assignment\PainterRoom;

/** Somebody at the bench, with the time that they have. */
final readonly class PaintingPerson
{
    /**
     * @param  bool  $isUnsaid whether nothing is said of what they may do alone
     * @param  float  $bench minutes at the bench until the job is due, or as far as is looked ahead
     * @param  float  $given minutes of work that they have, of it due by then
     */
    public function __construct(
        public User $user,
        private bool $isUnsaid,
        public float $bench,
        public float $given,
        public PainterRoom $room,
    ) {
    }

    /** @return 'any'|'said'|'unsaid' what they may do alone: who checks needs nobody beside them */
    public function alone(): string
    {
        return match (true) {
            $this->user->role->checks() => 'any',
            $this->isUnsaid => 'unsaid',
            default => 'said',
        };
    }

    public function free(): float
    {
        return $this->bench - $this->given;
    }
}
