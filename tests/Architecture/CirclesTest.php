<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * No class needs one that needs it, however far round. Rows of the database are left out: a relation is
 * told at both of its ends.
 */
final class CirclesTest extends TestCase
{
    private const FOLDERS = ['App' => 'app', 'Cli' => 'cli', 'Core' => 'core', 'Document' => 'document'];

    private const RELATIONS = 'App\\Models\\';

    public function test_no_import_runs_in_a_circle(): void
    {
        $needs = self::needs();
        self::assertGreaterThan(700, count($needs));

        self::assertSame([], self::leftOver($needs));
    }

    public function test_no_folder_of_actions_needs_one_that_needs_it(): void
    {
        $folders = [];
        foreach (self::needs() as $class => $needed) {
            $folder = self::folderOfActions($class);
            if ($folder !== null) {
                $others = array_filter(array_map(self::folderOfActions(...), $needed), static fn (?string $one): bool => $one !== null && $one !== $folder);
                $folders[$folder] = array_values(array_unique([...$folders[$folder] ?? [], ...$others]));
            }
        }
        self::assertGreaterThan(8, count($folders));

        self::assertSame([], self::leftOver($folders));
    }

    public function test_a_circle_is_found_and_what_only_leads_to_it_is_not(): void
    {
        self::assertSame(['b', 'c', 'd'], array_keys(self::leftOver(['a' => ['b'], 'b' => ['c'], 'c' => ['d'], 'd' => ['b', 'e'], 'e' => []])));
    }

    /**
     * What is left when, again and again, all is taken away that needs nothing left, or that nothing left needs.
     *
     * @param  array<string, list<string>>  $needs
     * @return array<string, list<string>>
     */
    private static function leftOver(array $needs): array
    {
        do {
            $before = count($needs);
            $needed = array_flip(array_merge([], ...array_values($needs)));
            $needs = array_intersect_key($needs, $needed);
            $needs = array_filter(array_map(static fn (array $some): array => array_values(array_filter($some, static fn (string $one): bool => isset($needs[$one]))), $needs));
        } while (count($needs) < $before);

        return $needs;
    }

    /** The folder of an action; null for what is none, or stands in none. */
    private static function folderOfActions(string $class): ?string
    {
        return preg_match('/^App\\\\Actions\\\\(\w+)\\\\/', $class, $found) === 1 ? $found[1] : null;
    }

    /** @return array<string, list<string>> classes that each class names, beside comments */
    private static function needs(): array
    {
        $files = self::files();
        $needs = [];
        foreach ($files as $class => $file) {
            $needs[$class] = str_starts_with($class, self::RELATIONS) ? [] : array_values(array_filter(
                self::named((string) file_get_contents($file), substr($class, 0, (int) strrpos($class, '\\'))),
                static fn (string $one): bool => $one !== $class && isset($files[$one]),
            ));
        }

        return $needs;
    }

    /** @return array<string, string> file by class */
    private static function files(): array
    {
        $files = [];
        foreach (self::FOLDERS as $namespace => $folder) {
            $root = dirname(__DIR__, 2)."/{$folder}";
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, RecursiveDirectoryIterator::SKIP_DOTS)) as $file) {
                if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
                    $files[$namespace.'\\'.str_replace('/', '\\', substr($file->getPathname(), strlen($root) + 1, -4))] = $file->getPathname();
                }
            }
        }

        return $files;
    }

    /** @return list<string> full names that the code of a file uses; imports that only a comment uses are not among them */
    private static function named(string $code, string $namespace): array
    {
        $imports = $used = [];
        $isImport = $isMember = false;
        foreach (token_get_all($code) as $token) {
            [$kind, $text] = is_array($token) ? $token : [null, $token];
            // What stands after an arrow or two colons is no class.
            $wasMember = $isMember;
            $isMember = in_array($kind, [T_DOUBLE_COLON, T_OBJECT_OPERATOR, T_NULLSAFE_OBJECT_OPERATOR], true);
            if ($kind === T_USE || $text === ';') {
                $isImport = $kind === T_USE;
            } elseif ($isImport && $kind === T_NAME_QUALIFIED) {
                $imports[substr($text, (int) strrpos($text, '\\') + 1)] = $text;
            } elseif ($kind === T_STRING && ! $wasMember) {
                $used[$imports[$text] ?? "{$namespace}\\{$text}"] = true;
            } elseif ($kind === T_NAME_FULLY_QUALIFIED) {
                $used[ltrim($text, '\\')] = true;
            }
        }

        return array_map(strval(...), array_keys($used));
    }
}
