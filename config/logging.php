<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        'single' => ['driver' => 'single', 'path' => storage_path('logs/ordotype.log'), 'level' => env('LOG_LEVEL', 'warning')],
        'daily' => ['driver' => 'daily', 'path' => storage_path('logs/ordotype.log'), 'level' => env('LOG_LEVEL', 'warning'), 'days' => 14, 'permission' => 0600],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
