<?php

declare(strict_types=1);

namespace App\Actions\People;

/** Where sessions are kept. */
interface OpenSessions
{
    /** @return list<SessionSeen> of a person, in any order */
    public function of(int $user): array;

    /** @return bool whether there was one of this id */
    public function end(int $user, string $id): bool;
}
