<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'file' => ['driver' => 'file', 'path' => storage_path('framework/cache/data')],
        'array' => ['driver' => 'array'],
        // Several machines share what they keep, and what nobody may do twice at once.
        'redis' => ['driver' => 'redis', 'connection' => 'cache', 'lock_connection' => 'cache'],
    ],
    'prefix' => 'ordotype',
];
