<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;
use Symfony\Component\Process\Process;

/** The database and the workers of the place that is tested, to be killed as a failing machine would. */
final readonly class Machine
{
    public function __construct(private string $place)
    {
    }

    /** Each transaction is on disk before it is acknowledged; other tests do without, to be faster. */
    public function keepAsAStudioDoes(): void
    {
        $as = posix_getpwuid(posix_geteuid());
        (new Process(['mariadb', '--no-defaults', "--socket={$this->folder()}/run/db.sock", '--user='.($as === false ? '' : $as['name']), '-e', 'SET GLOBAL innodb_flush_log_at_trx_commit = 1']))->mustRun();
    }

    /** Nothing is told beforehand, nothing is written out. */
    public function killDatabaseAndWorkers(): void
    {
        posix_kill($this->pid('db'), SIGKILL);
        // Nobody is to wait for an answer of what is dead.
        unlink("{$this->folder()}/run/db.pid");
        (new Process(['pkill', '-KILL', '-P', (string) $this->pid('fpm')]))->mustRun();
        $this->awaitClosedPort();
    }

    /** A killed process may keep its port for a while: where all processors are busy, it dies only when it is its turn. */
    private function awaitClosedPort(): void
    {
        $until = microtime(true) + 60;
        while (($port = @fsockopen('127.0.0.1', (int) getenv('DB_PORT'), timeout: 1.0)) !== false) {
            fclose($port);
            microtime(true) < $until || throw new RuntimeException('The database does not die.');
            usleep(50_000);
        }
    }

    public function startDatabase(): void
    {
        $start = new Process(['bash', '-c', 'source bin/lib.sh; start_database "$0" "$1" ORDOTYPE_TEST_DB_PORT', $this->place, (string) getenv('DB_PORT')], dirname(__DIR__, 3), null, null, 120);
        // Its output is the database's, which goes on after this.
        $start->disableOutput()->run();
        $start->isSuccessful() || throw new RuntimeException("The database does not come back; {$this->place}/log says why.");
    }

    private function pid(string $of): int
    {
        return (int) file_get_contents("{$this->folder()}/run/{$of}.pid");
    }

    private function folder(): string
    {
        return dirname(__DIR__, 3)."/{$this->place}";
    }
}
