<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Refusals\Unavailable;

/** The keys that sign records (Ed25519, RFC 8032, by libsodium): one secret in use, and every public one so far. */
final class Keyring
{
    /** @var array<string, string>|null public keys, once they were read: a chain asks for them at each record */
    private ?array $known = null;

    public function __construct(private readonly KeyStore $store)
    {
    }

    /** What a public key is called. */
    public static function id(string $public): string
    {
        return substr(hash('sha256', $public), 0, 16);
    }

    /** Makes the first key where there is none yet. */
    public function prepare(): void
    {
        if ($this->store->isEmpty()) {
            $this->renew();
        }
    }

    /**
     * Makes another key for the records to come. Those signed before stay verified by the old public keys.
     *
     * @throws Unavailable if keys are not for the application to make here
     */
    public function renew(): string
    {
        $pair = sodium_crypto_sign_keypair();
        $public = sodium_crypto_sign_publickey($pair);
        $this->store->renew(sodium_crypto_sign_secretkey($pair), $public);
        $this->known = null;

        return self::id($public);
    }

    /**
     * @return array{key: string, signature: string} id of the key, and the signature in hexadecimal
     *
     * @throws Unavailable if the secret key is not there
     */
    public function sign(string $message): array
    {
        $this->prepare();
        $key = $this->store->secret();
        if (strlen($key) !== SODIUM_CRYPTO_SIGN_SECRETKEYBYTES) {
            throw Unavailable::because('no-signing-key', 'The key that signs records is not where it should be, so nothing is signed off now. The administrator puts it back from the backup, or makes a new one.');
        }

        return ['key' => self::id(sodium_crypto_sign_publickey_from_secretkey($key)), 'signature' => sodium_bin2hex(sodium_crypto_sign_detached($message, $key))];
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
        return $this->known ??= $this->store->publicKeys();
    }
}
