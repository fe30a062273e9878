<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsToMany;

final class Criterion extends StudioRow
{
    protected $table = 'criteria';

    public $timestamps = false;

    protected $casts = ['names_uses' => 'boolean'];

    /** @return BelongsToMany<RequirementUse, $this> */
    public function uses(): BelongsToMany
    {
        return $this->belongsToMany(RequirementUse::class, 'criterion_uses', 'criterion_id', 'requirement_use_id')->orderByPivot('position');
    }
}
