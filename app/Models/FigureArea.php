<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\TextList;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;

final class FigureArea extends StudioRow
{
    protected $table = 'figure_areas';

    public $timestamps = false;

    protected $casts = ['focal' => 'boolean', 'sides' => TextList::class];

    /** @return BelongsTo<FigurePart, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(FigurePart::class, 'figure_part_id');
    }

    /** @return HasMany<AreaFeature, $this> */
    public function features(): HasMany
    {
        return $this->hasMany(AreaFeature::class);
    }

    /** @return BelongsToMany<FigureArea, $this> */
    public function neighbours(): BelongsToMany
    {
        return $this->belongsToMany(FigureArea::class, 'area_neighbours', 'figure_area_id', 'neighbour_id')->orderBy('figure_areas.position');
    }
}
