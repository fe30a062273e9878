<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        // Work that a worker began and did not end in that time is given to another.
        'database' => ['driver' => 'database', 'table' => 'queued_work', 'queue' => 'default', 'retry_after' => 660, 'after_commit' => true],
        'redis' => ['driver' => 'redis', 'connection' => 'default', 'queue' => 'default', 'retry_after' => 660, 'block_for' => null, 'after_commit' => true],
    ],
    // What failed is said where it was asked for, and in the log.
    'failed' => ['driver' => 'null'],
];
