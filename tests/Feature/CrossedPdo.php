<?php

declare(strict_types=1);

namespace Tests\Feature;

use PDO;
use PDOException;

/** A node on which every change meets another one: so many commits find that it was undone, and undoing it is answered so, too. */
final class CrossedPdo extends PDO
{
    private bool $begun = false;

    public function __construct(private int $undone)
    {
    }

    public function beginTransaction(): bool
    {
        return $this->begun = true;
    }

    public function inTransaction(): bool
    {
        return $this->begun;
    }

    public function commit(): bool
    {
        $this->begun = false;

        return $this->undone-- <= 0 ? true : throw new PDOException('There is no active transaction');
    }

    public function rollBack(): never
    {
        $this->begun = false;
        throw new PDOException('SQLSTATE[40001]: Serialization failure: 1213 Deadlock found when trying to get lock; try restarting transaction');
    }
}
