<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

final class CheckAction extends StudioRow
{
    protected $table = 'check_actions';

    protected $casts = ['undone_at' => 'immutable_datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<CheckAnswer, $this> */
    public function answers(): HasMany
    {
        return $this->hasMany(CheckAnswer::class);
    }
}
