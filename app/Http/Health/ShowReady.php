<?php

declare(strict_types=1);

namespace App\Http\Health;

use App\Papers\Worker;
use Illuminate\Database\Migrations\Migrator;
use Illuminate\Http\JsonResponse;
use Throwable;

/** Whether this application can do its work, for who keeps it running: no sign-in, and nothing of a studio. 503 where it cannot. */
final readonly class ShowReady
{
    public function __construct(
        private Migrator $migrator,
        private Worker $worker,
    ) {
    }

    public function __invoke(): JsonResponse
    {
        $tables = $this->tables();

        // Without a worker everything but papers goes on.
        return new JsonResponse(['ready' => $tables === 'current', 'tables' => $tables, 'worker' => $tables !== 'away' && $this->worker->wasSeen()], $tables === 'current' ? 200 : 503, ['Cache-Control' => 'no-store']);
    }

    /** @return 'current'|'behind'|'away' */
    private function tables(): string
    {
        try {
            $done = $this->migrator->getRepository()->getRan();
            $all = $this->migrator->getMigrationFiles(database_path('migrations'));

            return array_diff(array_keys($all), $done) === [] ? 'current' : 'behind';
        } catch (Throwable) {
            return 'away';
        }
    }
}
