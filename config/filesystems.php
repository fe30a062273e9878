<?php

declare(strict_types=1);

// Storage that several machines share, in the form of S3; none: the folders of this machine.
$bucket = (string) env('S3_BUCKET', '');
$shared = static fn (string $root): array => [
    'driver' => 's3', 'bucket' => $bucket, 'root' => $root, 'throw' => true,
    'key' => env('S3_KEY'), 'secret' => env('S3_SECRET'), 'region' => env('S3_REGION', 'eu-central-1'),
    'endpoint' => env('S3_ENDPOINT') ?: null, 'use_path_style_endpoint' => (bool) env('S3_PATH_STYLE', true),
];
$own = static fn (string $root): array => ['driver' => 'local', 'root' => $root, 'throw' => true];

return [
    'default' => 'given',
    'disks' => [
        // What people have given: it is part of a backup.
        'given' => $bucket === '' ? [...$own(storage_path('app/private')), 'throw' => false] : $shared('given'),
        // What was made of that and can be made again: pictures of plates, papers.
        'made' => $bucket === '' ? $own(storage_path('made')) : $shared('made'),
        // Heads of the chains of records, where several machines sign: a bucket of its own, that nobody needs to take anything from.
        'records' => [...$shared('records'), 'bucket' => (string) env('RECORDS_BUCKET', '')],
    ],
];
