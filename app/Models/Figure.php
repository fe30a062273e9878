<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

final class Figure extends StudioRow
{
    protected $table = 'figures';

    protected $casts = ['leader' => 'boolean', 'state' => FigureState::class];

    /** @return BelongsTo<Unit, $this> */
    public function unit(): BelongsTo
    {
        return $this->belongsTo(Unit::class);
    }

    /** @return BelongsTo<Tier, $this> */
    public function tier(): BelongsTo
    {
        return $this->belongsTo(Tier::class);
    }

    /** @return BelongsTo<User, $this> */
    public function painter(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<BenchMark, $this> */
    public function marks(): HasMany
    {
        return $this->hasMany(BenchMark::class);
    }

    /** @return HasMany<Check, $this> */
    public function checks(): HasMany
    {
        return $this->hasMany(Check::class);
    }

    /** @return HasOne<SignOff, $this> */
    public function signOff(): HasOne
    {
        return $this->hasOne(SignOff::class);
    }
}
