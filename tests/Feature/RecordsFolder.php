<?php

declare(strict_types=1);

namespace Tests\Feature;

/** A folder for the keys and heads of one test, made before anything else and emptied by name. */
final readonly class RecordsFolder
{
    private const FILES = ['secret.key', 'public-keys.json', 'heads.jsonl'];

    private function __construct(public string $path)
    {
    }

    public static function make(): self
    {
        $path = sys_get_temp_dir().'/ordotype-records-'.bin2hex(random_bytes(8));
        mkdir($path, 0700);

        return new self($path);
    }

    /** Only what the application writes there is taken away, each by its name. */
    public function remove(): void
    {
        foreach (self::FILES as $name) {
            is_file("{$this->path}/{$name}") && unlink("{$this->path}/{$name}");
        }
        rmdir($this->path);
    }
}
