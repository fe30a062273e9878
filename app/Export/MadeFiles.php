<?php

declare(strict_types=1);

namespace App\Export;

use Carbon\CarbonImmutable;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Filesystem\LocalFilesystemAdapter;

/** Files that were made of what a studio has and can be made again. Each is called by what it shows, so it never changes. */
final readonly class MadeFiles
{
    /** A file that nobody made anew for so long is thrown away. Longer than anything remembers that it is there ({@see PlatePictures}). */
    private const DAYS = 120;

    private FilesystemAdapter $disk;

    public function __construct(Factory $disks)
    {
        $disk = $disks->disk('made');
        assert($disk instanceof FilesystemAdapter);
        $this->disk = $disk;
    }

    /** What something is called: by what it shows, and by nothing that somebody could guess who has not been shown it. */
    public static function name(string $shown): string
    {
        return hash_hmac('sha256', $shown, config()->string('app.key'));
    }

    public function has(string $path): bool
    {
        return $this->disk->fileExists($path);
    }

    public function read(string $path): ?string
    {
        return $this->has($path) ? $this->disk->get($path) : null;
    }

    public function write(string $path, string $bytes): void
    {
        // Under its name it is there whole or not at all: who reads it meanwhile may keep it for a year. Of a storage
        // that several machines share that is so anyway; a folder has half of it for a moment.
        if (! $this->disk instanceof LocalFilesystemAdapter) {
            $this->disk->put($path, $bytes);

            return;
        }
        $part = $path.'.'.bin2hex(random_bytes(6));
        $this->disk->put($part, $bytes);
        $this->disk->move($part, $path);
    }

    /** @return int how many were thrown away */
    public function tidy(CarbonImmutable $now): int
    {
        /** @var list<string> $all */
        $all = $this->disk->allFiles();
        $old = array_filter($all, fn (string $path): bool => $this->disk->lastModified($path) < $now->subDays(self::DAYS)->getTimestamp());
        $this->disk->delete(array_values($old));

        return count($old);
    }
}
