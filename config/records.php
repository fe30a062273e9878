<?php

declare(strict_types=1);

return [
    // Keys that sign records, and the heads of their chains: outside the database, so that who owns that cannot write both.
    'folder' => env('RECORDS_FOLDER', base_path('var/records')),
    // Where several machines sign: the secret key (base64) as a setting, the public ones that signed before it, by spaces,
    // and whether heads go to the shared storage (its disk `records`).
    'key' => env('RECORDS_KEY', ''),
    'former_keys' => env('RECORDS_FORMER_KEYS', ''),
    'shared' => (bool) env('RECORDS_BUCKET', false),
];
