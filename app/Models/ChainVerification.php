<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * What was found when a chain was read again.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $records
 * @property list<string> $faults sentences; none: the chain holds
 * @property CarbonImmutable $verified_at
 */
final class ChainVerification extends StudioRow
{
    protected $table = 'chain_verifications';

    public $timestamps = false;

    protected $casts = ['faults' => 'array', 'verified_at' => 'immutable_datetime'];
}
