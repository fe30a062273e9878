<?php

declare(strict_types=1);

namespace App\Models;

/** Papers that a worker makes. */
enum PaperKind: string
{
    /** Proof plates of a figure in the colours of a scheme. */
    case Proof = 'proof';
    /** Two tiers side by side. */
    case Comparison = 'comparison';

    /** @return list<Role> who may ask for one, and have it */
    public function roles(): array
    {
        return match ($this) {
            self::Proof => Role::cases(),
            self::Comparison => [Role::Lead, Role::Deputy],
        };
    }
}
