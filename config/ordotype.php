<?php

declare(strict_types=1);

return [
    // Each answer says how many queries it took, and how much memory: for bench/run.
    'measures' => (bool) env('ORDOTYPE_MEASURES', false),
    // Of the code that reckons: what was reckoned by another is not taken for its own. Kept with the configuration.
    'code' => (static function (): string {
        $written = [];
        foreach (['app', 'core', 'document'] as $part) {
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__."/../{$part}", FilesystemIterator::SKIP_DOTS)) as $file) {
                $written[] = $file instanceof SplFileInfo ? "{$file->getPathname()} {$file->getMTime()}" : '';
            }
        }
        sort($written);

        return hash('xxh128', implode("\n", $written));
    })(),
    // Who stands in front and is believed what it says of the address: servers that end TLS or share out the requests.
    'trusted_proxies' => array_values(array_filter(explode(' ', (string) env('TRUSTED_PROXIES', '127.0.0.1 ::1')))),
    'demo_password' => env('ORDOTYPE_DEMO_PASSWORD', 'lamplight'),
];
