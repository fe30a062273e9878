<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\GivenMembers;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $requirement_id
 * @property string $key
 * @property string $text
 * @property string $severity
 * @property string|null $feature
 * @property bool $names_uses
 * @property int $position
 * @property array<string, mixed>|null $optional
 * @property-read Collection<int, RequirementUse> $uses
 */
final class Criterion extends StudioRow
{
    protected $table = 'criteria';

    public $timestamps = false;

    protected $casts = ['optional' => GivenMembers::class, 'names_uses' => 'boolean'];

    /** @return BelongsToMany<RequirementUse, $this> */
    public function uses(): BelongsToMany
    {
        return $this->belongsToMany(RequirementUse::class, 'criterion_uses', 'criterion_id', 'requirement_use_id')->orderByPivot('position');
    }
}
