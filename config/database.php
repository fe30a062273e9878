<?php

declare(strict_types=1);

// Several hosts, by commas: each connection is to one of them, and to another where that one does not answer.
$hosts = array_values(array_filter(array_map(trim(...), explode(',', (string) env('DB_HOST', '127.0.0.1')))));
$redis = ['host' => env('REDIS_HOST', '127.0.0.1'), 'port' => (int) env('REDIS_PORT', 6379), 'username' => env('REDIS_USERNAME') ?: null, 'password' => env('REDIS_PASSWORD') ?: null];

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => count($hosts) > 1 ? $hosts : ($hosts[0] ?? '127.0.0.1'),
            'port' => (int) env('DB_PORT', 8421),
            'database' => env('DB_DATABASE', 'ordotype'),
            'username' => env('DB_USERNAME', 'ordotype'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_bin',
            'strict' => true,
            'engine' => 'InnoDB',
            // Instants are UTC everywhere; the page shows them in the studio's time zone.
            'timezone' => '+00:00',
            // What is read after a row was waited for is what stands then, and not what stood when the change began.
            'isolation_level' => 'READ COMMITTED',
            // Whether the hosts are nodes of one database (Galera), so that a lock ends at the node.
            'several_nodes' => (bool) env('DB_SEVERAL_NODES', false),
        ],
    ],
    // Asked for only where cache, sessions or queue are set to it.
    'redis' => [
        'client' => 'predis',
        'options' => ['prefix' => 'ordotype:'],
        'default' => [...$redis, 'database' => 0],
        'cache' => [...$redis, 'database' => 1],
        'sessions' => [...$redis, 'database' => 2],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
