<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => (int) env('SESSION_LIFETIME', 720),
    'table' => 'sessions',
    'cookie' => env('SESSION_COOKIE', 'ordotype_session'),
    'path' => '/',
    'http_only' => true,
    'same_site' => 'lax',
    // On an address that is https the cookie never travels in the open.
    'secure' => (bool) env('SESSION_SECURE_COOKIE', str_starts_with((string) env('APP_URL', ''), 'https://')),
];
