<?php

declare(strict_types=1);

namespace App\Models;

use LogicException;

/**
 * The studio whose rows are seen. Set once a request by the middleware, or by a command for what it
 * does; without it no row of any studio can be read or written.
 */
final class CurrentStudio
{
    private ?int $id = null;

    public function enter(int $studioId): void
    {
        $this->id = $studioId;
    }

    public function leave(): void
    {
        $this->id = null;
    }

    public function id(): int
    {
        return $this->id ?? throw new LogicException('No studio was entered: call CurrentStudio::enter() before rows of a studio are touched.');
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public function within(int $studioId, callable $work): mixed
    {
        $before = $this->id;
        $this->id = $studioId;
        try {
            return $work();
        } finally {
            $this->id = $before;
        }
    }
}
