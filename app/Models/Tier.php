<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\GivenMembers;
use App\Casts\TextList;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $standard_version_id
 * @property string $key
 * @property string $name
 * @property int $position
 * @property int $rank
 * @property float $distance_mm
 * @property list<string> $sides
 * @property float $look_minutes
 * @property int $limit_critical
 * @property int $limit_major
 * @property int $limit_minor
 * @property float $colour_tolerance
 * @property float|null $notice_arcmin
 * @property float $budget_minutes
 * @property bool $by_agreement
 * @property bool $retired
 * @property array<string, mixed>|null $optional
 * @property int $revision
 * @property-read StandardVersion $standardVersion
 */
final class Tier extends StudioRow
{
    protected $table = 'tiers';

    public $timestamps = false;

    protected $casts = ['optional' => GivenMembers::class, 'sides' => TextList::class, 'by_agreement' => 'boolean', 'retired' => 'boolean'];

    /** @return BelongsTo<StandardVersion, $this> */
    public function standardVersion(): BelongsTo
    {
        return $this->belongsTo(StandardVersion::class);
    }
}
