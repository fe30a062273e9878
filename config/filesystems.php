<?php

declare(strict_types=1);

return [
    'default' => env('FILESYSTEM_DISK', 'local'),
    'disks' => [
        // What people have given: it is part of a backup.
        'local' => ['driver' => 'local', 'root' => storage_path('app/private')],
        // What was made of that and can be made again: pictures of plates, papers.
        'made' => ['driver' => 'local', 'root' => storage_path('made'), 'throw' => true],
    ],
];
