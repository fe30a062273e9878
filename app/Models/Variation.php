<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $unit_id
 * @property int|null $figure_id
 * @property int $figure_area_id
 * @property int|null $tier_id the tier that an addition comes from
 * @property VariationKind $kind
 * @property string $use
 * @property string $reason
 * @property string $agreed_with
 * @property int|null $price of one figure, in the smallest unit of the currency; null: none was agreed
 * @property int $user_id
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read FigureArea $figureArea
 * @property-read Tier|null $tier
 * @property-read User $user
 * @property-read Unit $unit
 */
final class Variation extends StudioRow
{
    protected $table = 'variations';

    protected $casts = ['kind' => VariationKind::class];

    /** @return BelongsTo<FigureArea, $this> */
    public function figureArea(): BelongsTo
    {
        return $this->belongsTo(FigureArea::class);
    }

    /** @return BelongsTo<Tier, $this> */
    public function tier(): BelongsTo
    {
        return $this->belongsTo(Tier::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Unit, $this> */
    public function unit(): BelongsTo
    {
        return $this->belongsTo(Unit::class);
    }
}
