<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $figure_id
 * @property int $check_id
 * @property int $signed_by
 * @property int $number
 * @property string $previous
 * @property string $hash
 * @property string $record
 * @property-read string|null $tier_name as the record says it, read by the database
 * @property-read string|null $verdict as the record says it, read by the database
 * @property string|null $key_id
 * @property string|null $signature
 * @property CarbonImmutable $signed_at
 * @property-read Figure $figure
 * @property-read User $signer
 * @property-read Check $check
 */
final class SignOff extends StudioRow
{
    protected $table = 'sign_offs';

    public $timestamps = false;

    protected $casts = ['signed_at' => 'immutable_datetime'];

    /** @return BelongsTo<Figure, $this> */
    public function figure(): BelongsTo
    {
        return $this->belongsTo(Figure::class);
    }

    /** @return BelongsTo<Check, $this> */
    public function check(): BelongsTo
    {
        return $this->belongsTo(Check::class);
    }

    /** @return BelongsTo<User, $this> */
    public function signer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'signed_by');
    }
}
