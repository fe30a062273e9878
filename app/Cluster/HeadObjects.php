<?php

declare(strict_types=1);

namespace App\Cluster;

use App\Actions\SignOffs\HeadStore;
use Illuminate\Contracts\Filesystem\Filesystem;

/**
 * Heads as files of their own in a storage that several machines share and that cannot add to a file. Each is written
 * once, under its number, so it does not matter which machine is there first.
 */
final readonly class HeadObjects implements HeadStore
{
    private const BASELINE = 'baseline';

    public function __construct(private Filesystem $disk)
    {
    }

    public function add(int $studio, int $number, bool $baseline, string $text): void
    {
        $this->disk->put(sprintf('heads/%d/%s-%012d.json', $studio, $baseline ? self::BASELINE : 'signed', $number), $text);
    }

    public function of(int $studio, int $after): iterable
    {
        foreach ($this->disk->files("heads/{$studio}") as $path) {
            [$kind, $number] = [...explode('-', basename($path, '.json')), ''];
            if ($kind === self::BASELINE || (int) $number > $after) {
                yield "What is kept as {$path}" => (string) $this->disk->get($path);
            }
        }
    }
}
