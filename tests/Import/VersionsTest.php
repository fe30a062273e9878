<?php

declare(strict_types=1);

namespace Tests\Import;

use App\Export\Notices;
use PHPUnit\Framework\TestCase;

/** What is installed is what was tried, those libraries that others need included. */
final class VersionsTest extends TestCase
{
    public function test_every_library_has_the_version_that_is_kept(): void
    {
        $root = dirname(__DIR__, 2);
        $installed = json_decode((string) file_get_contents("{$root}/vendor/composer/installed.json"), true);
        $packages = is_array($installed) && is_array($installed['packages']) ? $installed['packages'] : [];
        $lines = [];
        foreach ($packages as $package) {
            if (is_array($package) && is_string($package['name']) && is_string($package['version'])) {
                $lines[] = "{$package['name']} {$package['version']}";
            }
        }
        sort($lines);
        $kept = file("{$root}/composer.versions", FILE_IGNORE_NEW_LINES);

        self::assertSame($kept, $lines, 'If the new versions are wanted, ./bin/versions keeps them.');
        self::assertGreaterThan(100, count($lines));
    }

    public function test_the_notices_name_what_is_shipped(): void
    {
        $root = dirname(__DIR__, 2);

        self::assertStringContainsString('| react |', Notices::text($root));
        self::assertSame((string) file_get_contents("{$root}/".Notices::FILE), Notices::text($root), 'Run php artisan notices:write.');
    }
}
