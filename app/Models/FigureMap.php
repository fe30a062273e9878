<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\LabelPicture;
use Core\Mapping\LabelGrid;
use Core\Standard\Side;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A figure type as it is seen from one side.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $figure_type_id
 * @property Side $side
 * @property int $width
 * @property int $height
 * @property LabelGrid $labels
 * @property string|null $picture name of the file that it was outlined on
 * @property array<int, array{path: string, x: float, y: float}> $outlines by label
 * @property-read Collection<int, FigureMapArea> $areas
 * @property-read Collection<int, FigureMapPiece> $pieces
 */
final class FigureMap extends StudioRow
{
    protected $table = 'figure_maps';

    protected $casts = ['side' => Side::class, 'labels' => LabelPicture::class, 'outlines' => 'array'];

    /** @return HasMany<FigureMapArea, $this> */
    public function areas(): HasMany
    {
        return $this->hasMany(FigureMapArea::class)->orderBy('label');
    }

    /** @return HasMany<FigureMapPiece, $this> */
    public function pieces(): HasMany
    {
        return $this->hasMany(FigureMapPiece::class)->orderBy('id');
    }
}
