<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Refusals\Unavailable;
use Illuminate\Contracts\Config\Repository;

/** Keys that are settings, where several machines sign with one and none has a folder of its own that counts. */
final readonly class KeySettings implements KeyStore
{
    public function __construct(private Repository $config)
    {
    }

    public function isEmpty(): bool
    {
        return false;
    }

    public function secret(): string
    {
        return (string) base64_decode($this->config->string('records.key'), true);
    }

    public function publicKeys(): array
    {
        $known = [];
        $secret = $this->secret();
        $own = strlen($secret) === SODIUM_CRYPTO_SIGN_SECRETKEYBYTES ? [base64_encode(sodium_crypto_sign_publickey_from_secretkey($secret))] : [];
        foreach ([...explode(' ', $this->config->string('records.former_keys')), ...$own] as $key) {
            $public = (string) base64_decode($key, true);
            if (strlen($public) === SODIUM_CRYPTO_SIGN_PUBLICKEYBYTES) {
                $known[Keyring::id($public)] = $key;
            }
        }

        return $known;
    }

    public function renew(string $secret, string $public): never
    {
        $former = trim($this->config->string('records.former_keys').' '.implode(' ', array_values($this->publicKeys())));

        throw Unavailable::because('key-is-a-setting', 'The key that signs records is a setting here. Set RECORDS_KEY to '.base64_encode($secret)." and RECORDS_FORMER_KEYS to \"{$former}\" on every machine, and start them again.");
    }
}
