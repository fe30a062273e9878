<?php

declare(strict_types=1);

return [
    // Without a mail server nothing is mailed; what would be is shown to be copied.
    'default' => env('MAIL_HOST', '') === '' ? 'none' : 'smtp',
    'mailers' => [
        'none' => ['transport' => 'array'],
        'array' => ['transport' => 'array'],
        'smtp' => [
            'transport' => 'smtp',
            'scheme' => env('MAIL_SCHEME'),
            'host' => env('MAIL_HOST', ''),
            'port' => env('MAIL_PORT', 587),
            'username' => env('MAIL_USERNAME') ?: null,
            'password' => env('MAIL_PASSWORD') ?: null,
            'timeout' => 10,
            'local_domain' => parse_url((string) env('APP_URL', 'http://localhost'), PHP_URL_HOST),
        ],
    ],
    'from' => ['address' => env('MAIL_FROM') ?: 'ordotype@localhost', 'name' => 'Ordotype'],
];
