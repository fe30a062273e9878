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
    'secure' => (bool) env('SESSION_SECURE_COOKIE', false),
];
