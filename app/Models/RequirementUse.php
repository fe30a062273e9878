<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\TextList;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $requirement_id
 * @property string $key
 * @property bool $names_key
 * @property int $position
 * @property int|null $coats
 * @property int|null $steps
 * @property string|null $extent
 * @property float|null $cover
 * @property list<string>|null $places
 * @property float|null $minutes
 * @property float|null $fixed
 * @property float|null $each
 * @property string|null $feature
 * @property-read Collection<int, Technique> $techniques
 */
final class RequirementUse extends StudioRow
{
    protected $table = 'requirement_uses';

    public $timestamps = false;

    protected $casts = ['names_key' => 'boolean', 'places' => TextList::class];

    /** @return BelongsToMany<Technique, $this> */
    public function techniques(): BelongsToMany
    {
        return $this->belongsToMany(Technique::class, 'requirement_use_techniques', 'requirement_use_id', 'technique_id')->orderByPivot('position');
    }
}
