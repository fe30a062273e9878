<?php

declare(strict_types=1);

return [
    // Each answer says how many queries it took, and how much memory: for bench/run.
    'measures' => (bool) env('ORDOTYPE_MEASURES', false),
    'demo_password' => env('ORDOTYPE_DEMO_PASSWORD', 'lamplight'),
];
