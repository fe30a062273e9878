<?php

declare(strict_types=1);

namespace App\Models;

use Core\Composition\SizeClass;
use Illuminate\Database\Eloquent\Relations\HasMany;

final class FigureType extends StudioRow
{
    protected $table = 'figure_types';

    protected $casts = ['size_class' => SizeClass::class];

    /** @return HasMany<FigureArea, $this> */
    public function areas(): HasMany
    {
        return $this->hasMany(FigureArea::class)->orderBy('position');
    }

    /** @return HasMany<FigurePart, $this> */
    public function parts(): HasMany
    {
        return $this->hasMany(FigurePart::class)->orderBy('position');
    }
}
