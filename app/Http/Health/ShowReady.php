<?php

declare(strict_types=1);

namespace App\Http\Health;

use App\Cluster\Tables;
use App\Papers\Worker;
use Illuminate\Http\JsonResponse;

/** Whether this application can do its work, for who keeps it running: no sign-in, and nothing of a studio. 503 where it cannot. */
final readonly class ShowReady
{
    public function __construct(
        private Tables $tables,
        private Worker $worker,
    ) {
    }

    public function __invoke(): JsonResponse
    {
        $tables = $this->tables->state();

        // Without a worker everything but papers goes on.
        return new JsonResponse(['ready' => $tables === 'current', 'tables' => $tables, 'worker' => $tables !== 'away' && $this->worker->wasSeen()], $tables === 'current' ? 200 : 503, ['Cache-Control' => 'no-store']);
    }
}
