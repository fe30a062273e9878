<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What units and figures point to for their tier. What the tier says stands in its piece of the standard.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $standard_version_id
 * @property int $standard_piece_id
 * @property string $key
 * @property-read StandardPiece $piece
 * @property-read string $name
 * @property-read int $rank
 * @property-read bool $by_agreement
 * @property-read bool $retired
 */
final class Tier extends StudioRow
{
    protected $table = 'tiers';

    public $timestamps = false;

    /** @return BelongsTo<StandardPiece, $this> */
    public function piece(): BelongsTo
    {
        return $this->belongsTo(StandardPiece::class, 'standard_piece_id');
    }

    /** @return Attribute<string, never> */
    protected function name(): Attribute
    {
        return Attribute::get(fn (): string => $this->piece->text('name'));
    }

    /** @return Attribute<int, never> */
    protected function rank(): Attribute
    {
        return Attribute::get(fn (): int => is_numeric($rank = $this->piece->value['rank'] ?? null) ? (int) $rank : 0);
    }

    /** @return Attribute<bool, never> */
    protected function byAgreement(): Attribute
    {
        return Attribute::get(fn (): bool => ($this->piece->value['by_agreement'] ?? false) === true);
    }

    /** @return Attribute<bool, never> */
    protected function retired(): Attribute
    {
        return Attribute::get(fn (): bool => ($this->piece->value['retired'] ?? false) === true);
    }
}
