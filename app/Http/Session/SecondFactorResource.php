<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Actions\People\Totp;
use App\Export\QrCode;
use App\Http\Shared\Resource;
use App\Models\User;

/**
 * What an app needs to make codes for somebody: as a picture, and as letters to be typed.
 *
 * @phpstan-type SecondFactorSecret array{secret: string, address: string, picture: string}
 */
final readonly class SecondFactorResource extends Resource
{
    public function __construct(
        private Totp $totp,
        private User $user,
    ) {
    }

    /** @return SecondFactorSecret */
    public function toArray(): array
    {
        $address = $this->totp->address("Ordotype {$this->user->studio->name}", $this->user->email);

        return ['secret' => trim(chunk_split($this->totp->base32(), 4, ' ')), 'address' => $address, 'picture' => QrCode::svg($address)];
    }
}
