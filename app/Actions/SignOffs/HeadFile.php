<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use Illuminate\Contracts\Config\Repository;

/** Heads as the lines of one file of this machine. */
final readonly class HeadFile implements HeadStore
{
    private const FILE = 'heads.jsonl';

    public function __construct(private Repository $config)
    {
    }

    public function add(int $studio, int $number, bool $baseline, string $text): void
    {
        is_dir(dirname($this->path())) || mkdir(dirname($this->path()), 0700, true);
        file_put_contents($this->path(), "{$text}\n", FILE_APPEND | LOCK_EX);
    }

    public function of(int $studio, int $after): iterable
    {
        foreach (is_file($this->path()) ? file($this->path(), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] : [] as $at => $text) {
            yield 'Line '.($at + 1).' of the file of heads' => $text;
        }
    }

    private function path(): string
    {
        return $this->config->string('records.folder').'/'.self::FILE;
    }
}
