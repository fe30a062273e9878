<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\TextList;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

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
