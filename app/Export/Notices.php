<?php

declare(strict_types=1);

namespace App\Export;

/** Packages of others that are part of what runs, with their licences; tools of the workshop are not among them. */
final readonly class Notices
{
    public const FILE = 'NOTICES.md';

    /** @param  string  $root folder of the application, with everything installed */
    public static function text(string $root): string
    {
        return "# Notices\n\nOrdotype runs with these packages of others. The text of each licence lies with the package.\n"
            ."Made by `php artisan notices:write`.\n"
            .self::table('In the browser', self::ofBrowser($root))
            .self::table('On the server', self::ofServer($root));
    }

    /** @param  array<string, string>  $licences by package */
    private static function table(string $title, array $licences): string
    {
        ksort($licences);
        $rows = array_map(static fn (string $package, string $licence): string => "| {$package} | {$licence} |", array_keys($licences), $licences);

        return "\n## {$title}\n\n| package | licence |\n|---|---|\n".implode("\n", $rows)."\n";
    }

    /** @return array<string, string> */
    private static function ofBrowser(string $root): array
    {
        $licences = [];
        foreach (self::packages("{$root}/package-lock.json") as $place => $package) {
            if (is_string($place) && $place !== '' && ($package['dev'] ?? false) !== true && ($package['devOptional'] ?? false) !== true && is_string($package['license'] ?? null)) {
                $licences[substr($place, (int) strrpos($place, 'node_modules/') + strlen('node_modules/'))] = $package['license'];
            }
        }

        return $licences;
    }

    /** @return array<string, string> */
    private static function ofServer(string $root): array
    {
        $file = "{$root}/vendor/composer/installed.json";
        $tools = self::json($file)['dev-package-names'] ?? [];
        $licences = [];
        foreach (self::packages($file) as $package) {
            $name = $package['name'] ?? null;
            if (is_string($name) && is_array($tools) && ! in_array($name, $tools, true) && is_array($package['license'] ?? null)) {
                $licences[$name] = implode(' or ', array_filter($package['license'], is_string(...)));
            }
        }

        return $licences;
    }

    /** @return array<array-key, array<array-key, mixed>> */
    private static function packages(string $file): array
    {
        $packages = self::json($file)['packages'] ?? [];

        return is_array($packages) ? array_filter($packages, is_array(...)) : [];
    }

    /** @return array<array-key, mixed> */
    private static function json(string $file): array
    {
        $json = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);

        return is_array($json) ? $json : [];
    }
}
