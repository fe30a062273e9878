<?php

declare(strict_types=1);

namespace App\Models;

use Core\Plan\FigureState;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $unit_id
 * @property int $number
 * @property string $name of its own, such as a leader has; empty: none
 * @property bool $leader
 * @property int|null $figure_type_id its own; null: it is of the type of its unit
 * @property int|null $tier_id
 * @property int|null $scheme_id
 * @property int|null $painter_id
 * @property int|null $raises_id record of what was on it; null: it is painted from the start
 * @property bool $elsewhere whether it came finished, painted by somebody else
 * @property FigureState $state
 * @property int $version
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read Unit $unit
 * @property-read FigureType|null $figureType
 * @property-read Tier|null $tier
 * @property-read User|null $painter
 * @property-read Collection<int, BenchMark> $marks
 * @property-read Collection<int, Check> $checks
 * @property-read SignOff|null $signOff
 * @property-read SignOff|null $raises
 */
final class Figure extends VersionedRow
{
    protected $table = 'figures';

    protected $casts = ['leader' => 'boolean', 'elsewhere' => 'boolean', 'state' => FigureState::class];

    /** Of which type it is: its own, else that of its unit. */
    public function typeIn(Unit $unit): FigureType
    {
        return $this->figureType ?? $unit->figureType;
    }

    public function typeIdIn(Unit $unit): int
    {
        return $this->figure_type_id ?? $unit->figure_type_id;
    }

    /** The scheme that it is painted in: its own, else that of its unit; null: the common one of the force. */
    public function schemeIn(Unit $unit): ?int
    {
        return $this->scheme_id ?? $unit->scheme_id;
    }

    /** @return BelongsTo<Unit, $this> */
    public function unit(): BelongsTo
    {
        return $this->belongsTo(Unit::class);
    }

    /** @return BelongsTo<FigureType, $this> */
    public function figureType(): BelongsTo
    {
        return $this->belongsTo(FigureType::class);
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

    /** @return BelongsTo<SignOff, $this> */
    public function raises(): BelongsTo
    {
        return $this->belongsTo(SignOff::class, 'raises_id');
    }

    /** @return HasOne<SignOff, $this> */
    public function signOff(): HasOne
    {
        return $this->hasOne(SignOff::class);
    }
}
