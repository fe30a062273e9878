<?php

declare(strict_types=1);

namespace App\Export;

use Carbon\CarbonImmutable;
use Illuminate\Contracts\Filesystem\Factory;
use Illuminate\Contracts\Filesystem\Filesystem;

/** Files that were made of what a studio has and can be made again. Each is called by what it shows, so it never changes. */
final readonly class MadeFiles
{
    /** A file that nobody made anew for so long is thrown away. Longer than anything remembers that it is there ({@see PlatePictures}). */
    private const DAYS = 120;

    private Filesystem $disk;

    public function __construct(Factory $disks)
    {
        $this->disk = $disks->disk('made');
    }

    /** What something is called: by what it shows, and by nothing that somebody could guess who has not been shown it. */
    public static function name(string $shown): string
    {
        return hash_hmac('sha256', $shown, config()->string('app.key'));
    }

    public function has(string $path): bool
    {
        return $this->disk->exists($path);
    }

    public function read(string $path): ?string
    {
        return $this->has($path) ? $this->disk->get($path) : null;
    }

    public function write(string $path, string $bytes): void
    {
        // Under its name it is there whole or not at all: who reads it meanwhile may keep it for a year.
        $part = $path.'.'.bin2hex(random_bytes(6));
        $this->disk->put($part, $bytes);
        $this->disk->move($part, $path);
    }

    /** @return int how many were thrown away */
    public function tidy(CarbonImmutable $now): int
    {
        $old = array_filter($this->disk->allFiles(), fn (string $path): bool => $this->disk->lastModified($path) < $now->subDays(self::DAYS)->getTimestamp());
        $this->disk->delete(array_values($old));

        return count($old);
    }
}
