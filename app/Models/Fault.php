<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Check\CheckItem;
use Core\Check\FaultKind;
use Core\Check\FlawKind;
use Core\Check\ItemKind;
use Core\Standard\Side;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $check_id
 * @property int $check_action_id
 * @property FaultKind $kind
 * @property ItemKind $item
 * @property string|null $text
 * @property string $area
 * @property string|null $criterion
 * @property string|null $severity
 * @property Side|null $side
 * @property string|null $zone
 * @property FlawKind|null $flaw
 * @property float|null $size_mm
 * @property string $note
 * @property float|null $x on the map of its side, from the left, 0 to 1
 * @property float|null $y from above
 * @property int|null $removed_by_action_id
 * @property int|null $stands_from_id
 * @property int|null $waived_by
 * @property CarbonImmutable|null $waived_at
 * @property string|null $waiver_agreed_with
 * @property string|null $waiver_reason
 * @property int $version
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property-read Check $check
 * @property-read CheckAction $action
 * @property-read User|null $waiver
 * @property-read Mending|null $mending
 */
final class Fault extends VersionedRow
{
    protected $table = 'faults';

    protected $casts = ['kind' => FaultKind::class, 'flaw' => FlawKind::class, 'side' => Side::class, 'item' => ItemKind::class, 'waived_at' => 'immutable_datetime'];

    protected $attributes = ['item' => 'criterion'];

    /** @return array{x: float, y: float}|null where it was pointed at */
    public function place(): ?array
    {
        return $this->x === null || $this->y === null ? null : ['x' => $this->x, 'y' => $this->y];
    }

    /** The item of the check that it was found by; null for what was seen beside what is asked. */
    public function itemKey(): ?string
    {
        return $this->criterion === null ? null : CheckItem::keyOf($this->area, $this->criterion, $this->item);
    }

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
