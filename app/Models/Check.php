<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

final class Check extends StudioRow
{
    protected $table = 'checks';

    protected $casts = ['closed_at' => 'immutable_datetime'];

    /** @return BelongsTo<Figure, $this> */
    public function figure(): BelongsTo
    {
        return $this->belongsTo(Figure::class);
    }

    /** @return BelongsTo<User, $this> */
    public function opener(): BelongsTo
    {
        return $this->belongsTo(User::class, 'opened_by');
    }

    /** @return HasMany<CheckAction, $this> */
    public function actions(): HasMany
    {
        return $this->hasMany(CheckAction::class)->orderBy('id');
    }

    /** @return HasMany<Fault, $this> */
    public function faults(): HasMany
    {
        return $this->hasMany(Fault::class)->orderBy('id');
    }
}
