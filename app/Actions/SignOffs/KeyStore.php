<?php

declare(strict_types=1);

namespace App\Actions\SignOffs;

use App\Refusals\Unavailable;

/** Where the keys are kept that sign records: outside the database. */
interface KeyStore
{
    public function isEmpty(): bool;

    /** @return string the secret key that is in use, as libsodium has it; anything else where there is none */
    public function secret(): string;

    /** @return array<string, string> every public key that ever signed, in base64, by its id */
    public function publicKeys(): array;

    /** @throws Unavailable if keys are not for the application to make here */
    public function renew(string $secret, string $public): void;
}
