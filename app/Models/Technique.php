<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsToMany;

final class Technique extends StudioRow
{
    protected $table = 'techniques';

    public $timestamps = false;

    protected $casts = ['messy' => 'boolean', 'names_replaced' => 'boolean'];

    /** @return BelongsToMany<Technique, $this> */
    public function replaced(): BelongsToMany
    {
        return $this->belongsToMany(Technique::class, 'technique_replacements', 'technique_id', 'replaces_id')->orderByPivot('position');
    }
}
