<?php

declare(strict_types=1);

namespace Core\Standard;

/** Why one technique must come before another. The four reasons for a hard order; common practice, no source. */
enum OrderReason: string
{
    case Drying = 'drying';
    case Access = 'access';
    case Protection = 'protection';
    case Adhesion = 'adhesion';

    public function inWords(): string
    {
        return match ($this) {
            self::Drying => 'it must be dry first',
            self::Access => 'it would cover or block what comes later',
            self::Protection => 'it would soil what is finished',
            self::Adhesion => 'it needs that to hold on to',
        };
    }
}
