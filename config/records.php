<?php

declare(strict_types=1);

return [
    // Keys that sign records, and the heads of their chains: outside the database, so that who owns that cannot write both.
    'folder' => env('RECORDS_FOLDER', base_path('var/records')),
];
