<?php

declare(strict_types=1);

return [
    'demo_password' => env('ORDOTYPE_DEMO_PASSWORD', 'lamplight'),
];
