<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A word about a step on a figure. Marks are appended: none is ever changed or taken out.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $figure_id
 * @property int $number of its figure, by the database
 * @property string $area
 * @property string $use
 * @property string $technique
 * @property int $coats
 * @property int $steps
 * @property string $extent
 * @property MarkState $state
 * @property string $reason
 * @property string $agreed_with
 * @property bool $is_look whether it is a word of who looked at it between two stages, or asks to look again: that is no work on it
 * @property string|null $request_key
 * @property int $user_id
 * @property int|null $supervisor_id who looked on, where they did what they were not cleared for
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read User $user
 * @property-read User|null $supervisor
 * @property-read Figure $figure
 */
final class BenchMark extends StudioRow
{
    protected $table = 'bench_marks';

    protected $casts = ['state' => MarkState::class, 'is_look' => 'boolean'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<User, $this> */
    public function supervisor(): BelongsTo
    {
        return $this->belongsTo(User::class, 'supervisor_id');
    }

    /** @return BelongsTo<Figure, $this> */
    public function figure(): BelongsTo
    {
        return $this->belongsTo(Figure::class);
    }
}
