<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use Illuminate\Contracts\Config\Repository;

/** Keys in files of a folder of this machine that nobody else reads. */
final readonly class KeyFiles implements KeyStore
{
    private const SECRET = 'secret.key';

    private const PUBLIC = 'public-keys.json';

    public function __construct(private Repository $config)
    {
    }

    public function isEmpty(): bool
    {
        return ! is_file($this->path(self::PUBLIC));
    }

    public function secret(): string
    {
        [, $secret] = [...explode(' ', trim($this->read(self::SECRET))), ''];

        return (string) base64_decode($secret, true);
    }

    public function publicKeys(): array
    {
        $keys = json_decode($this->read(self::PUBLIC), true);
        $known = [];
        foreach (is_array($keys) ? $keys : [] as $id => $key) {
            if (is_string($key)) {
                $known[(string) $id] = $key;
            }
        }

        return $known;
    }

    public function renew(string $secret, string $public): void
    {
        $id = Keyring::id($public);
        $this->write(self::PUBLIC, json_encode([...$this->publicKeys(), $id => base64_encode($public)], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT)."\n", 0644);
        $this->write(self::SECRET, $id.' '.base64_encode($secret)."\n", 0600);
    }

    private function read(string $name): string
    {
        return is_file($this->path($name)) ? (string) file_get_contents($this->path($name)) : '';
    }

    private function write(string $name, string $text, int $mode): void
    {
        $path = $this->path($name);
        is_dir(dirname($path)) || mkdir(dirname($path), 0700, true);
        // Written beside and moved into place, so that a key is never half there or readable by others for a moment.
        touch("{$path}.new");
        chmod("{$path}.new", $mode);
        file_put_contents("{$path}.new", $text);
        rename("{$path}.new", $path);
    }

    private function path(string $name): string
    {
        return $this->config->string('records.folder')."/{$name}";
    }
}
