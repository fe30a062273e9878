<?php

declare(strict_types=1);

namespace App\Cluster;

use Closure;
use Illuminate\Database\Connection;
use Illuminate\Database\MariaDbConnection;
use PDO;
use PDOException;
use Throwable;

/**
 * A connection to a database that is several nodes. A row that is locked on one of them is not locked on the others:
 * they are held against each other when a change is committed, by what it wrote and not by what it read. So a row
 * that is locked is written, too ({@see TurnQuery}), and who comes second is told at the commit and begins again
 * ({@see \App\Actions\Transaction}).
 */
final class ClusterConnection extends MariaDbConnection
{
    /** What PDO says where the database undid a change while it was read: its answer was on the way, and the next word is the commit. */
    private const UNDONE = 'There is no active transaction';

    /** Whatever asks for a connection of this driver gets this one where the settings say that there are several nodes. */
    public static function register(): void
    {
        Connection::resolverFor('mariadb', static fn (Closure|PDO $pdo, string $database, string $prefix, array $config): MariaDbConnection => ($config['several_nodes'] ?? false) === true
            ? new self($pdo, $database, $prefix, $config)
            : new MariaDbConnection($pdo, $database, $prefix, $config));
    }

    public function query(): TurnQuery
    {
        return new TurnQuery($this, $this->getQueryGrammar(), $this->getPostProcessor());
    }

    protected function causedByConcurrencyError(Throwable $e): bool
    {
        return parent::causedByConcurrencyError($e) || ($e instanceof PDOException && str_contains($e->getMessage(), self::UNDONE));
    }

    /** A change that the database undid itself needs no undoing; that it says so then is not what went wrong. */
    protected function performRollBack($toLevel): void
    {
        try {
            parent::performRollBack($toLevel);
        } catch (PDOException $answer) {
            if ($toLevel > 0 || ! $this->causedByConcurrencyError($answer)) {
                throw $answer;
            }
        }
    }
}
