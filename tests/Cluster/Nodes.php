<?php

declare(strict_types=1);

namespace Tests\Cluster;

use PDO;
use RuntimeException;
use Symfony\Component\Process\Process;

/** The nodes that `bin/cluster` started, to be killed as failing machines would, and begun anew. */
final readonly class Nodes
{
    /** @return non-empty-list<string> addresses of the machines of the application */
    public static function machines(): array
    {
        $machines = preg_split('/\s+/', trim((string) getenv('ORDOTYPE_CLUSTER_MACHINES')), -1, PREG_SPLIT_NO_EMPTY);

        return $machines === false || $machines === [] ? throw new RuntimeException('These tests are run by ./bin/cluster test.') : $machines;
    }

    public static function balancer(): string
    {
        return (string) getenv('ORDOTYPE_CLUSTER_ADDRESS');
    }

    /** One node of the database, asked for itself. */
    public static function database(int $node): PDO
    {
        $host = explode(',', (string) getenv('DB_HOST'))[$node - 1];

        return new PDO("mysql:host={$host};port=".getenv('DB_PORT').';dbname='.getenv('DB_DATABASE'), (string) getenv('DB_USERNAME'), (string) getenv('DB_PASSWORD'), [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    }

    public static function killDatabase(int $node): void
    {
        self::run("kill_database_node {$node}");
    }

    public static function killMachine(int $node): void
    {
        self::run("kill_app_node {$node}");
    }

    /** Begins anew whatever was killed; when it is done, each has what the others have. */
    public static function restore(): void
    {
        self::run('restore_cluster');
    }

    private static function run(string $what): void
    {
        $run = new Process(['bash', '-c', "source bin/cluster.sh; {$what}"], dirname(__DIR__, 2), null, null, 180);
        // What it starts goes on after it, and would hold its output open.
        $run->disableOutput()->run();
        $run->isSuccessful() || throw new RuntimeException("{$what} failed; var/cluster says why.");
    }
}
