<?php

declare(strict_types=1);

namespace App\Cluster;

use Illuminate\Contracts\Database\LostConnectionDetector;
use Illuminate\Database\LostConnectionDetector as Known;
use Throwable;

/** A node that answers but has lost the others is as good as gone: it is left for one that has not. */
final readonly class LostNode implements LostConnectionDetector
{
    private const APART = 'WSREP has not yet prepared node for application use';

    private Known $known;

    public function __construct()
    {
        $this->known = new Known;
    }

    public function causedByLostConnection(Throwable $e): bool
    {
        return str_contains($e->getMessage(), self::APART) || $this->known->causedByLostConnection($e);
    }
}
