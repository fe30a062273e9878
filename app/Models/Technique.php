<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\GivenMembers;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $standard_version_id
 * @property string $key
 * @property string $name
 * @property int $position
 * @property string $group
 * @property string $opacity
 * @property string|null $lies_on
 * @property float|null $dry
 * @property bool|null $messy
 * @property bool $names_replaced
 * @property array<string, mixed>|null $optional
 * @property int $revision
 * @property-read Collection<int, Technique> $replaced
 */
final class Technique extends StudioRow
{
    protected $table = 'techniques';

    public $timestamps = false;

    protected $casts = ['optional' => GivenMembers::class, 'messy' => 'boolean', 'names_replaced' => 'boolean'];

    /** @return BelongsToMany<Technique, $this> */
    public function replaced(): BelongsToMany
    {
        return $this->belongsToMany(Technique::class, 'technique_replacements', 'technique_id', 'replaces_id')->orderByPivot('position');
    }
}
