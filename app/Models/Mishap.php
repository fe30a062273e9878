<?php

declare(strict_types=1);

namespace App\Models;

use Core\Rework\MishapKind;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Something that went wrong on a figure at the bench.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $figure_id
 * @property string $area
 * @property MishapKind $kind
 * @property string $layer at fault, see {@see \Core\Rework\PaintedArea}
 * @property float $share of the area that is laid again, over 0 to 1
 * @property string $note
 * @property string|null $request_key
 * @property int $user_id
 * @property MishapEnd|null $ended null: it waits to be mended
 * @property int|null $ended_by
 * @property Carbon|null $ended_at
 * @property Carbon|null $created_at
 * @property-read User $user
 * @property-read User|null $ender
 * @property-read Figure $figure
 */
final class Mishap extends StudioRow
{
    protected $table = 'mishaps';

    protected $casts = ['kind' => MishapKind::class, 'ended' => MishapEnd::class, 'ended_at' => 'datetime', 'share' => 'float'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<User, $this> */
    public function ender(): BelongsTo
    {
        return $this->belongsTo(User::class, 'ended_by');
    }

    /** @return BelongsTo<Figure, $this> */
    public function figure(): BelongsTo
    {
        return $this->belongsTo(Figure::class);
    }
}
