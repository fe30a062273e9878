<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;

final class Fault extends StudioRow
{
    protected $table = 'faults';

    protected $casts = ['waived_at' => 'immutable_datetime'];

    /** @return BelongsTo<Check, $this> */
    public function check(): BelongsTo
    {
        return $this->belongsTo(Check::class);
    }

    /** @return BelongsTo<CheckAction, $this> */
    public function action(): BelongsTo
    {
        return $this->belongsTo(CheckAction::class, 'check_action_id');
    }

    /** @return BelongsTo<User, $this> */
    public function waiver(): BelongsTo
    {
        return $this->belongsTo(User::class, 'waived_by');
    }

    /** @return HasOne<Mending, $this> */
    public function mending(): HasOne
    {
        return $this->hasOne(Mending::class);
    }
}
