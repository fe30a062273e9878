<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\Resource;

/**
 * Codes for when the app is lost; told this once.
 *
 * @phpstan-type RecoveryCodes array{codes: list<string>}
 */
final readonly class RecoveryCodesResource extends Resource
{
    /** @param  list<string>  $codes */
    public function __construct(private array $codes)
    {
    }

    /** @return RecoveryCodes */
    public function toArray(): array
    {
        return ['codes' => $this->codes];
    }
}
