<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Refusals\Unavailable;
use Illuminate\Contracts\Config\Repository;

/** The keys that sign records (Ed25519, RFC 8032, by libsodium): one secret in use, and every public one so far. */
final class Keyring
{
    private const SECRET = 'secret.key';

    private const PUBLIC = 'public-keys.json';

    /** @var array<string, string>|null public keys, once they were read: a chain asks for them at each record */
    private ?array $known = null;

    public function __construct(private readonly Repository $config)
    {
    }

    /** Makes the first key where there is none yet. */
    public function prepare(): void
    {
        if (! $this->has(self::PUBLIC)) {
            $this->renew();
        }
    }

    /** Makes another key for the records to come. Those signed before stay verified by the old public keys. */
    public function renew(): string
    {
        $pair = sodium_crypto_sign_keypair();
        $public = sodium_crypto_sign_publickey($pair);
        $id = substr(hash('sha256', $public), 0, 16);
        $this->write(self::PUBLIC, json_encode([...$this->publicKeys(), $id => base64_encode($public)], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT)."\n", 0644);
        $this->known = null;
        $this->write(self::SECRET, $id.' '.base64_encode(sodium_crypto_sign_secretkey($pair))."\n", 0600);

        return $id;
    }

    /**
     * @return array{key: string, signature: string} id of the key, and the signature in hexadecimal
     *
     * @throws Unavailable if the secret key is not there
     */
    public function sign(string $message): array
    {
        $this->prepare();
        [$id, $secret] = [...explode(' ', trim($this->read(self::SECRET))), ''];
        $key = base64_decode($secret, true);
        if ($key === false || strlen($key) !== SODIUM_CRYPTO_SIGN_SECRETKEYBYTES) {
            throw Unavailable::because('no-signing-key', 'The key that signs records is not where it should be, so nothing is signed off now. The administrator puts it back from the backup, or makes a new one.');
        }

        return ['key' => $id, 'signature' => sodium_bin2hex(sodium_crypto_sign_detached($message, $key))];
    }

    public function verifies(string $keyId, string $signature, string $message): bool
    {
        $public = base64_decode($this->publicKeys()[$keyId] ?? '', true);
        if ($public === false || strlen($public) !== SODIUM_CRYPTO_SIGN_PUBLICKEYBYTES || preg_match('/^[0-9a-f]{128}$/D', $signature) !== 1) {
            return false;
        }

        $bytes = sodium_hex2bin($signature);

        return $bytes !== '' && sodium_crypto_sign_verify_detached($bytes, $message, $public);
    }

    public function knows(string $keyId): bool
    {
        return isset($this->publicKeys()[$keyId]);
    }

    /** @return array<string, string> base64 of a public key, by its id */
    private function publicKeys(): array
    {
        if ($this->known !== null) {
            return $this->known;
        }
        $keys = json_decode($this->read(self::PUBLIC), true);
        $known = [];
        foreach (is_array($keys) ? $keys : [] as $id => $key) {
            if (is_string($key)) {
                $known[(string) $id] = $key;
            }
        }

        return $this->known = $known;
    }

    private function has(string $name): bool
    {
        return is_file($this->path($name));
    }

    private function read(string $name): string
    {
        return $this->has($name) ? (string) file_get_contents($this->path($name)) : '';
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
