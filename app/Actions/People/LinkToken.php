<?php

declare(strict_types=1);

namespace App\Actions\People;

/** What stands in a link that lets somebody in without a password: shown once, of which a hash alone is kept. */
final readonly class LinkToken
{
    /** 256 bits, in the letters of an address. */
    public static function fresh(): string
    {
        return rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '=');
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
